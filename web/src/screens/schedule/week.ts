import { msg } from '@lingui/core/macro';
export const days = [
  ['mon', msg`Mon`],
  ['tue', msg`Tue`],
  ['wed', msg`Wed`],
  ['thu', msg`Thu`],
  ['fri', msg`Fri`],
  ['sat', msg`Sat`],
  ['sun', msg`Sun`],
] as const;

export type Week = Record<string, string>;
