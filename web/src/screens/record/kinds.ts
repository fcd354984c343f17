import type { MessageDescriptor } from '@lingui/core';
import { msg } from '@lingui/core/macro';
export const kinds: Record<string, MessageDescriptor> = {
  start: msg`Began`,
  finish: msg`Finished`,
  reading: msg`Read the air`,
  note: msg`Note`,
  correction: msg`Corrected`,
  taken: msg`Took on`,
  mixed: msg`Mixed`,
  'still-wet': msg`Found still wet`,
  'still-tacky': msg`Found still tacky`,
  'still-soft': msg`Found still soft`,
  unharmed: msg`Found unharmed by rain or dew`,
  failed: msg`Did not pass its test`,
};
