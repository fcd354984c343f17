import { i18n } from '@lingui/core';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { weekday } from '../parts/time';
import { shown } from '../testing/shown';
import { language, languages, speak } from './words';

function Board({ tins, who = 'Rowan' }: { tins: number; who?: string }) {
  return (
    <main aria-label={t`The board`}>
      <Trans>
        Made by <b>{who}</b> in the bay
      </Trans>
      <p>{plural(tins, { one: '# tin left', other: '# tins left' })}</p>
    </main>
  );
}

/** What a file of the folder would bring, by the message that stands in the source. */
async function taught(locale: string, words: Record<string, string>) {
  const { generateMessageId } = await import('@lingui/message-utils/generateMessageId');
  const messages = Object.fromEntries(Object.entries(words).map(([en, said]) => [generateMessageId(en), said]));
  i18n.loadAndActivate({ locale, messages });
}

afterEach(async () => {
  localStorage.clear();
  await speak('en');
});

test('English needs no catalogue', () => {
  shown(<Board tins={1} />);
  expect(screen.getByRole('main', { name: 'The board' }).textContent).toBe('Made by Rowan in the bay1 tin left');
});

test('another language puts words, tags and numbers in its own order', async () => {
  await taught('nl', {
    'The board': 'Het bord',
    'Made by <0>{who}</0> in the bay': 'In de loods door <0>{who}</0> gemaakt',
    '{tins, plural, one {# tin left} other {# tins left}}': '{tins, plural, one {nog # blik} other {nog # blikken}}',
  });
  shown(<Board tins={3} />);
  const board = screen.getByRole('main', { name: 'Het bord' });
  expect(board.textContent).toBe('In de loods door Rowan gemaaktnog 3 blikken');
  expect(board.querySelector('b')?.textContent).toBe('Rowan');
});

test('what a language lacks is said in English', async () => {
  await taught('nl', { 'The board': 'Het bord' });
  shown(<Board tins={2} />);
  expect(screen.getByRole('main', { name: 'Het bord' }).textContent).toContain('2 tins left');
});

test('days follow the language', async () => {
  await taught('nl', {});
  expect(weekday(new Date(2026, 4, 5, 12))).toMatch(/^di\b.* 5 mei/);
});

test('the language is one there is, the chosen first', () => {
  expect(languages).toContain('en');
  localStorage.setItem('hull-language', 'tlh');
  expect(language()).toBe('en');
});
