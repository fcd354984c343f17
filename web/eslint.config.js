import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';
import a11y from 'eslint-plugin-jsx-a11y';
import lingui from 'eslint-plugin-lingui';
import globals from 'globals';
export default tseslint.config(
  { ignores: ['dist', '../public/build', 'eslint.config.js', 'src/api/schema.ts', 'tests'] },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  {
    languageOptions: {
      globals: globals.browser,
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
  },
  {
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      'no-nested-ternary': 'error',
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/**/*.test.*', 'src/testing/**', 'src/theme/**', 'src/api/**'],
    plugins: { lingui },
    rules: {
      'lingui/t-call-in-function': 'error',
      'lingui/no-single-tag-to-translate': 'error',
      'lingui/no-single-variables-to-translate': 'error',
      'lingui/no-trans-inside-trans': 'error',
      'lingui/no-unlocalized-strings': [
        'error',
        {
          // What nobody reads: one small word (a key, a token, a kind), a path, a measure of the look, an example.
          ignore: [
            '^[^A-Za-z]*[a-z0-9_/#.-]*[^A-Za-z]*$',
            '^/|^(job|part|tag)/:',
            '\\d(px|fr|rem|mm|deg|vh)\\b|\\bauto\\b|color-mix|gradient|polygon|repeat\\(',
            '^ ?[MLA](\\d|\\s*Z?$)|^url\\(#|T12:00:00Z|^(Z|UTC|A4|en-GB|Unbowed Hull)$',
            '^(leg[AB]|[a-z.]*leadDays|hourRate|vocLimit|newJob|placeName|old film|volume,mass,count)$',
            '^[\\d.]+ (L|C|°C)$|^M4 × 12$',
            '^(input, textarea|meta\\[|data:text)',
          ],
          ignoreNames: ['level', 'of'],
          ignoreFunctions: ['Error'],
          useTsTypes: true,
        },
      ],
    },
  },
  { files: ['src/**/*.{ts,tsx}'], ...hooks.configs.flat['recommended-latest'] },
  { files: ['src/**/*.tsx'], ...a11y.flatConfigs.strict },
);
