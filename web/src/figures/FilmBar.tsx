import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

/** Where the paint of a film goes: on the part, into the profile, past it; to one scale over all films. */
export function FilmBar({ film }: { film: Schemas['FilmNeedView'] }) {
  const on = film.onPartShare * 100;
  const into = film.swallowedShare * 100;
  const past = film.lostShare * 100;
  return (
    <svg
      width="100%"
      height="30"
      role="img"
      aria-label={[
        t`${film.onPart.text} on the parts`,
        ...(film.swallowed.value > 0 ? [t`${film.swallowed.text} in the blast profile`] : []),
        t`${film.lost.text} lost`,
      ].join(', ')}
    >
      <rect x="0" y="1" width={`${on}%`} height="28" fill={hatch(film.hatch)} stroke={tok('ink')} strokeWidth="1.4" />
      {into > 0 && (
        <rect
          x={`${on}%`}
          y="1"
          width={`${into}%`}
          height="28"
          fill={tok('phos')}
          stroke={tok('ink')}
          strokeWidth="1.4"
        />
      )}
      <rect
        x={`${on + into}%`}
        y="1"
        width={`${past}%`}
        height="28"
        fill="none"
        stroke={tok('phos')}
        strokeWidth="1.4"
        strokeDasharray="4 3"
      />
    </svg>
  );
}
