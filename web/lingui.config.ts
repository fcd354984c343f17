import { readdirSync } from 'node:fs';
import { defineConfig } from '@lingui/conf';
import { formatter } from '@lingui/format-po';

const kept = readdirSync(`${import.meta.dirname}/src/words`).filter((file) => file.endsWith('.po'));

/** English stands in the source; every other language is a file of src/words (docs/translating.md). */
export default defineConfig({
  sourceLocale: 'en',
  locales: ['en', ...kept.map((file) => file.slice(0, -'.po'.length)).filter((tag) => tag !== 'en')],
  catalogs: [{ path: '<rootDir>/src/words/{locale}', include: ['<rootDir>/src'], exclude: ['**/*.test.*'] }],
  format: formatter({ lineNumbers: false, printLinguiId: false, printPlaceholdersInComments: false }),
  orderBy: 'message',
});
