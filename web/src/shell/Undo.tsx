import { t } from '@lingui/core/macro';
import { lazy, Suspense, useSyncExternalStore } from 'react';

const UndoBar = lazy(() => import('./UndoBar').then((m) => ({ default: m.UndoBar })));

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
      wrong = cause instanceof Error ? cause.message : t`That did not work.`;
      tell();
    }
  };
  return (
    now && (
      <Suspense fallback={null}>
        <UndoBar
          says={failed || now.says}
          undo={() => {
            void back();
          }}
          over={over}
        />
      </Suspense>
    )
  );
}
