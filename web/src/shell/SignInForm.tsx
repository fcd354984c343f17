import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { api, settle } from '../api/client';
import { useForm } from '../parts/form';
import { Refused } from '../parts/Refused';

interface Entry {
  email: string;
  password: string;
}

/** Address and password; the one who signs in again finds the address filled in. */
export function SignInForm({ address = '', entered }: { address?: string; entered: () => Promise<void> }) {
  const { field, submit, rest, pending } = useForm<Entry>({ email: address, password: '' });
  const send = async (body: Entry) => {
    await settle(api.POST('/api/sign-in', { body }));
    await entered();
  };
  return (
    <Box component="form" onSubmit={submit(send)} sx={{ display: 'grid', gap: 2 }}>
      <TextField label={t`E-mail`} type="email" autoComplete="username" required {...field('email')} />
      <TextField label={t`Password`} type="password" autoComplete="current-password" required {...field('password')} />
      {rest && <Refused error={rest} title={t`Not signed in`} />}
      <Button type="submit" variant="contained" disabled={pending}>
        <Trans>Sign in</Trans>
      </Button>
    </Box>
  );
}
