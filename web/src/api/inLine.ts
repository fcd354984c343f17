let line: Promise<unknown> = Promise.resolve();

/** One after the other, so that what is asked for meanwhile need not wait for all of it. */
export function inLine<T>(work: () => Promise<T>): Promise<T> {
  const mine = line.then(work, work);
  line = mine.catch(() => undefined);
  return mine;
}
