import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import { mono, textSize, tok } from '../theme/tokens';
import { CoverMark } from './CoverMark';

const [width, margin] = [350, 26];
/** Below this a mark is too small for its number, which stands beside it then. */
const small = 22;

/** A shape laid out flat, with all that is covered on it as large as it is beside it. */
export function MaskedFace({ face }: { face: Schemas['MaskedFaceView'] }) {
  const scale = Math.min((width - 16) / face.longM, 260 / face.highM);
  const [w, h] = [face.longM * scale, face.highM * scale];
  const x0 = (width - w) / 2;
  return (
    <svg
      viewBox={`0 0 ${String(width)} ${String(h + 2 * margin)}`}
      width="100%"
      style={{ maxWidth: 400, display: 'block' }}
      role="img"
      aria-label={t`${face.name} laid out flat, ${face.long} by ${face.high}, with what is covered on it`}
    >
      <rect x={x0} y={margin} width={w} height={h} fill="url(#hatch-steel)" stroke={tok('ink')} strokeWidth="2" />
      {face.spots.map((spot, n) => {
        const [x, y] = [x0 + spot.x * scale, margin + spot.y * scale];
        const [sw, sh] = [Math.max(5, spot.wide * scale), Math.max(5, spot.high * scale)];
        const beside = Math.min(sw, sh) < small;
        const first = face.spots.findIndex((s) => s.number === spot.number) === n;
        return (
          <g key={n}>
            <CoverMark by={spot.by} x={x} y={y} wide={sw} high={sh} />
            {first && (
              <text
                x={x + sw / 2}
                y={beside ? y - 4 : y + sh / 2 + 5}
                textAnchor="middle"
                fontFamily={mono}
                fontSize={textSize.m}
                fontWeight="700"
                fill={tok('ink')}
                paintOrder="stroke"
                stroke={tok('sheet')}
                strokeWidth="4"
              >
                {spot.number}
              </text>
            )}
          </g>
        );
      })}
      <text
        x={width / 2}
        y={h + 2 * margin - 8}
        textAnchor="middle"
        fontSize={textSize.s}
        fontFamily={mono}
        fill={tok('ink')}
      >
        {face.long} × {face.high}
      </text>
    </svg>
  );
}
