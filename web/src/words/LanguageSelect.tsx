import { i18n } from '@lingui/core';
import { t } from '@lingui/core/macro';
import { NativeSelect } from '@mui/material';
import { choose, languages } from './words';

/** "Deutsch" for "de", as its own speakers call it. */
const named = (tag: string): string => new Intl.DisplayNames([tag], { type: 'language' }).of(tag) ?? tag;

/** The languages to choose from. */
export function LanguageSelect() {
  return (
    <NativeSelect
      value={i18n.locale}
      inputProps={{ 'aria-label': t`Language` }}
      onChange={(e) => {
        choose(e.target.value);
      }}
    >
      {languages.map((tag) => (
        <option key={tag} value={tag}>
          {named(tag)}
        </option>
      ))}
    </NativeSelect>
  );
}
