const dayOf = (d: Date): string => d.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const clock = (d: Date): string => d.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** "Tue 5 May 2026" for an instant or a day. */
export const day = (instant: string): string =>
  new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** "14:05" today, "Tue 5 May 14:05" on other days. */
export function when(instant: string | null, now: string): string {
  if (instant === null) return 'not at this temperature';
  const d = new Date(instant);
  return dayOf(d) === dayOf(new Date(now)) ? `today ${clock(d)}` : `${dayOf(d)} ${clock(d)}`;
}

/** The value of a datetime-local input for an instant, in the reader's own time. */
export function toLocalInput(d: Date): string {
  return new Date(d.getTime() - d.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

/** An instant with offset from a datetime-local value. */
export function fromLocalInput(value: string): string {
  const d = new Date(value);
  return Number.isNaN(d.getTime()) ? value : d.toISOString().replace(/\.\d+Z$/, 'Z');
}
