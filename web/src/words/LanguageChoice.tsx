import { lazy, Suspense } from 'react';
import { languages } from './words';

const Select = lazy(() => import('./LanguageSelect').then((m) => ({ default: m.LanguageSelect })));

/** The languages to choose from; nothing where there is one only. */
export function LanguageChoice() {
  if (languages.length < 2) return null;
  return (
    <Suspense fallback={null}>
      <Select />
    </Suspense>
  );
}
