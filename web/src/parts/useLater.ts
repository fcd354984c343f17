import { useDeferredValue, useEffect } from 'react';

let drawn = false;

/**
 * Whether what lies below the first screen is drawn too: not yet in the very first drawing of a page, but in the one
 * right after it. Later on all is drawn at once, so that going back finds its place again.
 */
export function useLater(): boolean {
  useEffect(() => {
    drawn = true;
  }, []);
  return useDeferredValue(true, drawn);
}
