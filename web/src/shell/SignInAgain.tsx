import { Box, Dialog, DialogContent, DialogTitle } from '@mui/material';
import { SignInForm } from './SignInForm';

/** Over the page as it stands; fetched when a session has ended. */
export function SignInAgain({ address, entered }: { address: string; entered: () => Promise<void> }) {
  return (
    <Dialog open aria-labelledby="signed-out" fullWidth maxWidth="xs">
      <DialogTitle id="signed-out">Sign in again</DialogTitle>
      <DialogContent>
        <Box sx={{ mb: 2 }}>
          Your session has ended. What you typed is still here; nothing is stored until you are back.
        </Box>
        <SignInForm address={address} entered={entered} />
      </DialogContent>
    </Dialog>
  );
}
