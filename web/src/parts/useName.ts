import { t } from '@lingui/core/macro';
import { useEffect } from 'react';

/** What the page is about, in the title of its tab and of its printed sheet. */
export function useName(...words: (string | undefined)[]) {
  const name = words.filter((w) => w).join(' · ');
  useEffect(() => {
    document.title = name === '' ? 'Unbowed Hull' : t`${name} · Unbowed Hull`;
    return () => {
      document.title = 'Unbowed Hull';
    };
  }, [name]);
}
