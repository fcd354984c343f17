import { lazy } from 'react';
import type { Today } from '../screens/today/Today';

let here: typeof Today | null = null;

const Later = lazy(() => import('../screens/today/Today').then((m) => ({ default: m.Today })));

/** Fetches the screen that most visits begin with, so that it is drawn at once and not after a page without it. */
export async function bringFirst(): Promise<void> {
  here = (await import('../screens/today/Today')).Today;
}

/** What wants one today: drawn with the rest of the page where it is there already. */
export function FirstScreen() {
  const Screen = here ?? Later;
  return <Screen />;
}
