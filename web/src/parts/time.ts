import { i18n } from '@lingui/core';
import { t } from '@lingui/core/macro';
/**
 * Days and hours as the reader writes them: in the language of the interface, in the form of it that the browser asks
 * for; English is Europe's, with the day before the month, where it asks for none.
 */
const locale = (): string =>
  navigator.languages.find((l) => l === i18n.locale || l.startsWith(`${i18n.locale}-`)) ??
  (i18n.locale === 'en' ? 'en-GB' : i18n.locale);

/** To make one takes longer than to write a hundred days with it. */
const writers = new Map<string, Intl.DateTimeFormat>();

function written(d: Date, form: Intl.DateTimeFormatOptions): string {
  const key = locale() + JSON.stringify(form);
  const writer = writers.get(key) ?? new Intl.DateTimeFormat(locale(), form);
  writers.set(key, writer);
  return writer.format(d);
}

/** "Tue, 5 May", "Tue, May 5". */
export const weekday = (d: Date): string => written(d, { weekday: 'short', day: 'numeric', month: 'short' });

/** "Tuesday, 5 May". */
export const longDay = (d: Date): string => written(d, { weekday: 'long', day: 'numeric', month: 'long' });

/** "Tue 5", or with the month where days alone would be unclear, or the month without the weekday. */
export const axisDay = (d: Date, hours: number): string =>
  written(d, {
    weekday: hours > 400 ? undefined : 'short',
    day: 'numeric',
    month: hours > 80 ? 'short' : undefined,
  });

/** "May" and "5 May" of a day of the calendar, which is no instant. */
export const monthOf = (date: string): string =>
  written(new Date(`${date}T12:00:00Z`), { month: 'short', timeZone: 'UTC' });
export const dayOf = (date: string): string =>
  written(new Date(`${date}T12:00:00Z`), { day: 'numeric', month: 'long', timeZone: 'UTC' });

/** "14:05"; the bench reads 24 hours. */
export const clock = (d: Date): string =>
  [d.getHours(), d.getMinutes()].map((n) => String(n).padStart(2, '0')).join(':');

/** "5 May 2026" for an instant or a day. */
export const day = (instant: string): string =>
  written(new Date(instant), { day: 'numeric', month: 'short', year: 'numeric' });

/** "today 14:05", "Tue, 5 May 14:05" on other days. */
export function when(instant: string | null, now: string): string {
  if (instant === null) return t`not at this temperature`;
  const d = new Date(instant);
  const here = new Date(now);
  const next = new Date(here.getFullYear(), here.getMonth(), here.getDate() + 1);
  if (d.toDateString() === here.toDateString()) return t`today ${clock(d)}`;
  return d.toDateString() === next.toDateString() ? t`tomorrow ${clock(d)}` : `${weekday(d)} ${clock(d)}`;
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
