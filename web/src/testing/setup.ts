import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';
import { speak } from '../words/words';

await speak('en');

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});
