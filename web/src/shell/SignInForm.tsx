import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { useState, type SubmitEvent } from 'react';
import { api, settle } from '../api/client';
import { Notice } from '../parts/Notice';

/** Address and password; the one who signs in again finds the address filled in. */
export function SignInForm({ address = '', entered }: { address?: string; entered: () => Promise<void> }) {
  const [email, setEmail] = useState(address);
  const [password, setPassword] = useState('');
  const [wrong, setWrong] = useState('');
  const enter = async (e: SubmitEvent) => {
    e.preventDefault();
    try {
      await settle(api.POST('/api/sign-in', { body: { email, password } }));
      await entered();
    } catch (cause) {
      setWrong(cause instanceof Error ? cause.message : t`That did not work.`);
    }
  };
  return (
    <Box
      component="form"
      onSubmit={(e) => {
        void enter(e);
      }}
      sx={{ display: 'grid', gap: 2 }}
    >
      <TextField
        label={t`E-mail`}
        type="email"
        autoComplete="username"
        value={email}
        onChange={(e) => {
          setEmail(e.target.value);
        }}
        required
      />
      <TextField
        label={t`Password`}
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={(e) => {
          setPassword(e.target.value);
        }}
        required
      />
      {wrong && (
        <div role="alert">
          <Notice title={t`Not signed in`}>{wrong}</Notice>
        </div>
      )}
      <Button type="submit" variant="contained">
        <Trans>Sign in</Trans>
      </Button>
    </Box>
  );
}
