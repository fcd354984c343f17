import { given } from '../../parts/given';
export function until(instant: string | null, now: string): string {
  if (instant === null) return 'never';
  const minutes = Math.max(0, Math.round((new Date(instant).getTime() - new Date(now).getTime()) / 60_000));
  return given(minutes < 60, `${minutes} min`)
    .or(minutes < 2880, `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`)
    .else(`${Math.floor(minutes / 1440)} d ${Math.floor((minutes % 1440) / 60)} h`);
}
