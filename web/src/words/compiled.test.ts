import { compileMessage } from '@lingui/message-utils/compileMessage';
import { expect, test } from 'vitest';
import { compiled } from './compiled';

test.each([
  'plain',
  'a {0} b',
  '{name}',
  '<0>x</0> {0}{1}',
  "it's {0}",
  "a brace: '{0}'",
  'a # b {0}',
  '',
  '{0, plural, one {# tin left of {1}} other {# tins left}}',
])('%s is the same as by the whole grammar', (message) => {
  expect(compiled(message)).toEqual(compileMessage(message));
});
