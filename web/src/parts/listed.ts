import { i18n } from '@lingui/core';

/** "Rowan, Wren and Tam", as the language of the interface lists things. */
export const listed = (things: string[]): string =>
  new Intl.ListFormat(i18n.locale === 'en' ? 'en-GB' : i18n.locale, { type: 'conjunction' }).format(things);
