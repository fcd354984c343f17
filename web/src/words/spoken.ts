import { i18n, type MessageDescriptor } from '@lingui/core';

/** A message of a table, in the reader's language; nothing where the table has none. */
export const spoken = (message: MessageDescriptor | undefined): string => (message ? i18n._(message) : '');
