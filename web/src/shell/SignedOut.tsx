import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { api, settle, type Schemas } from '../api/client';
import { signedOut } from '../api/signedOut';
import { setToken } from '../api/sturdy';
import { keys } from '../api/keys';

const SignInAgain = lazy(() => import('./SignInAgain').then((m) => ({ default: m.SignInAgain })));

/** Where the session has ended: signing in again over the page as it stands, so that what was typed is still there. */
export function SignedOut({ account }: { account: Schemas['AccountView'] }) {
  const client = useQueryClient();
  const [out, setOut] = useState(false);
  useEffect(
    () =>
      signedOut.listen(() => {
        setOut(true);
      }),
    [],
  );
  const entered = async () => {
    const session = await settle(api.GET('/api/session'));
    setToken(session.token);
    // Somebody else's yard is another page.
    if (session.account?.email !== account.email) {
      window.location.assign('/');
      return;
    }
    client.setQueryData(keys.session, session);
    setOut(false);
    await client.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'session' });
  };
  return (
    out && (
      <Suspense fallback={null}>
        <SignInAgain address={account.email} entered={entered} />
      </Suspense>
    )
  );
}
