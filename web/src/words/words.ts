import { i18n, type Messages } from '@lingui/core';
import { compiled } from './compiled';

const catalogues = import.meta.glob<{ messages: Messages }>(['./*.po', '!./en.po']);
const tag = (path: string): string => path.slice('./'.length, -'.po'.length);
const chosen = 'hull-language';

/** The languages there are, by their tags; a file of this folder each. */
export const languages = ['en', ...Object.keys(catalogues).map(tag)];

/** The language of the reader: the one chosen here, or the first of the browser's that there is. */
export function language(): string {
  const wanted = [localStorage.getItem(chosen) ?? '', ...navigator.languages];
  const found = wanted.map((w) => languages.find((l) => l === w) ?? languages.find((l) => w.startsWith(`${l}-`)));
  return found.find((l) => l !== undefined) ?? 'en';
}

/** Speaks it from now on; English stands in the source and needs nothing fetched. */
export async function speak(wanted: string): Promise<void> {
  i18n.setMessagesCompiler(compiled);
  const catalogue = await catalogues[`./${wanted}.po`]?.();
  i18n.loadAndActivate({ locale: wanted, messages: catalogue?.messages ?? {} });
  document.documentElement.lang = wanted;
}

/** Kept in this browser; the page begins again, since every word on it changes. */
export function choose(wanted: string): void {
  localStorage.setItem(chosen, wanted);
  window.location.reload();
}
