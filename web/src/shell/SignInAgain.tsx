import { Text } from '../theme/layout';
import { Trans } from '@lingui/react/macro';
import { Dialog, DialogContent, DialogTitle } from '@mui/material';
import { SignInForm } from './SignInForm';

/** Over the page as it stands; fetched when a session has ended. */
export function SignInAgain({ address, entered }: { address: string; entered: () => Promise<void> }) {
  return (
    <Dialog open aria-labelledby="signed-out" fullWidth maxWidth="xs">
      <DialogTitle id="signed-out">
        <Trans>Sign in again</Trans>
      </DialogTitle>
      <DialogContent>
        <Text below={2}>
          <Trans>Your session has ended. What you typed is still here; nothing is stored until you are back.</Trans>
        </Text>
        <SignInForm address={address} entered={entered} />
      </DialogContent>
    </Dialog>
  );
}
