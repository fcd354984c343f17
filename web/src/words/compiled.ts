import { compileMessage } from '@lingui/message-utils/compileMessage';

/** Words with names to fill in, and nothing that a number or a choice decides. */
const plain = /^[^'{}]*(\{\w+\}[^'{}]*)*$/;

/**
 * A message in the form that is looked up when it is shown. Most have at most names to fill in and are cut at these; to
 * parse each by the whole grammar took a tenth of the time in which a page is drawn.
 */
export function compiled(message: string): ReturnType<typeof compileMessage> {
  if (!plain.test(message)) return compileMessage(message);
  return message
    .split(/(\{\w+\})/)
    .filter((piece) => piece !== '')
    .map((piece) => (piece.startsWith('{') ? [piece.slice(1, -1)] : piece));
}
