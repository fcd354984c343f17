import { t } from '@lingui/core/macro';
import { given } from '../../parts/given';

/** How long until then, as a clock on a wall says it. */
export function until(instant: string | null, now: string): string {
  if (instant === null) return t`never`;
  const minutes = Math.max(0, Math.round((new Date(instant).getTime() - new Date(now).getTime()) / 60_000));
  return given(minutes < 60, t`${minutes} min`)
    .or(minutes < 2880, t`${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`)
    .else(t`${Math.floor(minutes / 1440)} d ${Math.floor((minutes % 1440) / 60)} h`);
}
