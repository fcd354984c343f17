import { Trans } from '@lingui/react/macro';
import { Button, Snackbar } from '@mui/material';
import { tok } from '../theme/tokens';

/** The words of an offer to take something back; fetched with the first one. */
export function UndoBar({ says, undo, over }: { says: string; undo: () => void; over: () => void }) {
  return (
    <Snackbar
      open
      autoHideDuration={60_000}
      onClose={(_, why) => {
        if (why === 'timeout') over();
      }}
      message={says}
      action={
        <>
          <Button size="small" sx={{ color: tok('sheet'), borderColor: tok('sheet') }} onClick={undo}>
            <Trans>Undo</Trans>
          </Button>
          <Button size="small" sx={{ color: tok('sheet'), border: 0 }} onClick={over}>
            <Trans>Close</Trans>
          </Button>
        </>
      }
      sx={{ bottom: { xs: 72, sm: 24 } }}
      slotProps={{ content: { sx: { background: tok('ink'), color: tok('sheet') } } }}
    />
  );
}
