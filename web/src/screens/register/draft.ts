import type { MessageDescriptor } from '@lingui/core';
import { msg } from '@lingui/core/macro';
import type { Schemas } from '../../api/client';
import type { Tag, TagBody } from '../../api/register';

export interface Draft {
  number: number | null;
  body: TagBody;
}

export const states = {
  reuse: msg`goes back`,
  clean: msg`to clean`,
  replace: msg`to replace`,
  ordered: msg`ordered`,
} as const;

export const helds: Record<string, MessageDescriptor> = {
  bag: msg`in a bag`,
  tray: msg`in a tray`,
  box: msg`in a box`,
  rack: msg`on a rack`,
  loose: msg`loose, tag tied on`,
};

const thing = (what = '') => ({ what, size: '', count: 1, state: 'reuse', done: 0, expected: '' });

/** A new tag: of what comes off by its ties, or of anything. */
export const fresh = (kind: 'off' | 'in', part: string, of?: Schemas['UntaggedView']): Draft => ({
  number: null,
  body: {
    kind,
    part: of?.part ?? part,
    itself: of?.itself ?? '',
    what: of?.name ?? '',
    held: of ? 'rack' : 'bag',
    lies: '',
    turn: null,
    note: '',
    items: of ? of.items.map(({ what, size, count }) => ({ ...thing(what), size, count })) : [thing()],
  },
});

export const changed = (tag: Tag): Draft => ({
  number: tag.number,
  body: {
    kind: tag.kind,
    part: tag.part,
    itself: tag.itself,
    what: tag.what,
    held: tag.held,
    lies: tag.lies,
    turn: tag.turn,
    note: tag.note,
    version: tag.version,
    items: tag.items.map(({ what, size, count, state, done, expected }) => ({
      what,
      size,
      count,
      state,
      done,
      expected,
    })),
  },
});

export const another = thing;

/** Nothing to put back yet: it can have a day on which it comes. */
export const isAwaited = (state: string | null | undefined) => state === 'ordered' || state === 'replace';

/** A whole number as it is typed; null while it is none. */
export function whole(typed: string): number | null {
  const number = Number.parseInt(typed, 10);
  return Number.isNaN(number) ? null : number;
}
