import type { MessageDescriptor } from '@lingui/core';
import { msg } from '@lingui/core/macro';
import type { Schemas } from '../../api/client';
import { fromLocalInput, toLocalInput } from '../../parts/time';

/** What is written down, as it is typed. */
export interface Typed {
  kind: string;
  step: string;
  at: string;
  temperature: string;
  humidity: string;
  note: string;
  used: string;
  film: string;
  reason: string;
  withdrawn: boolean;
}

type Entry = Schemas['EntryView'];

export const choices = [
  'finish',
  'start',
  'reading',
  'note',
  'still-wet',
  'still-tacky',
  'still-soft',
  'unharmed',
  'failed',
];

/** What may be done all the same, when somebody writes why. */
export const reasons: Record<string, { field: 'outside' | 'despite'; title: MessageDescriptor } | undefined> = {
  '/outside': { field: 'outside', title: msg`Outside its limits` },
  '/despite': { field: 'despite', title: msg`Something is still left in, or lies about` },
};

export const begun = (correcting: Entry | null, step: string): Typed => ({
  kind: 'finish',
  step: correcting?.stepKey ?? step,
  at: toLocalInput(correcting ? new Date(correcting.at) : new Date()),
  temperature: correcting?.temperature ?? '',
  humidity: correcting?.humidity ?? '',
  note: correcting?.note ?? '',
  used: correcting?.used ?? '',
  film: correcting?.film ?? '',
  reason: '',
  withdrawn: false,
});

/** Only what somebody read and typed is a reading; air left alone stays what the place is reckoned at. */
function read(typed: Typed, correcting: Entry | null) {
  const { temperature, humidity } = typed;
  if (correcting !== null && temperature === correcting.temperature && humidity === correcting.humidity) return {};
  return { ...(temperature.trim() ? { temperature } : {}), ...(humidity.trim() ? { humidity } : {}) };
}

/** The line of the record: what was left alone is not said. */
export function line(
  typed: Typed,
  about: { correcting: Entry | null; step: string | null; coat: boolean; asked: string },
): Schemas['EntryBody'] {
  const { correcting, coat } = about;
  const { at, note, used, film, reason, withdrawn } = typed;
  const why = reasons[about.asked];
  return {
    kind: correcting ? 'correction' : typed.kind,
    at: correcting && at === toLocalInput(new Date(correcting.at)) ? correcting.at : fromLocalInput(at),
    ...(about.step === null ? {} : { step: about.step }),
    ...read(typed, correcting),
    ...(note.trim() ? { note } : {}),
    ...(why && reason.trim() ? { [why.field]: reason } : {}),
    ...(coat && used.trim() && used !== correcting?.used ? { used } : {}),
    ...(coat && film.trim() && film !== correcting?.film ? { film } : {}),
    ...(correcting ? { corrects: correcting.id, withdrawn } : {}),
  };
}
