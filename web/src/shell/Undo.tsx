import { Button, Snackbar } from '@mui/material';
import { useSyncExternalStore } from 'react';
import { tok } from '../theme/tokens';

interface Offer {
  says: string;
  undo: () => Promise<unknown>;
}
let offer: Offer | null = null;
let wrong = '';
const heard = new Set<() => void>();
const tell = () => {
  heard.forEach((h) => {
    h();
  });
};
const listen = (h: () => void) => {
  heard.add(h);
  return () => {
    heard.delete(h);
  };
};

/** Offers for a minute to take back what was just done. */
export function mayUndo(says: string, undo: () => Promise<unknown>) {
  offer = { says, undo };
  wrong = '';
  tell();
}

function over() {
  offer = null;
  tell();
}

export function Undo() {
  const now = useSyncExternalStore(listen, () => offer);
  const failed = useSyncExternalStore(listen, () => wrong);
  const back = async () => {
    try {
      await now?.undo();
      // Meanwhile something else may have been done, with an offer of its own.
      if (offer === now) over();
    } catch (cause) {
      wrong = cause instanceof Error ? cause.message : 'That did not work.';
      tell();
    }
  };
  return (
    <Snackbar
      open={now !== null}
      autoHideDuration={60_000}
      onClose={(_, why) => {
        if (why === 'timeout') over();
      }}
      message={failed || now?.says}
      action={
        <>
          <Button
            size="small"
            sx={{ color: tok('sheet'), borderColor: tok('sheet') }}
            onClick={() => {
              void back();
            }}
          >
            Undo
          </Button>
          <Button size="small" sx={{ color: tok('sheet'), border: 0 }} onClick={over}>
            Close
          </Button>
        </>
      }
      sx={{ bottom: { xs: 72, sm: 24 } }}
      slotProps={{ content: { sx: { background: tok('ink'), color: tok('sheet') } } }}
    />
  );
}
