import { Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { mono, textSize, tok } from '../theme/tokens';

type Place = Schemas['FloorPlaceView'];

const words = 7.2;

/** As many words of a name as its box is wide; the whole of it is in the title and the spoken name. */
function cut(name: string, px: number): string {
  const said = name.split(' ');
  while (said.length > 0 && said.join(' ').length * words > px) said.pop();
  return said.join(' ').replace(/,$/, '');
}

/**
 * The floor of a place on one day, seen from above and to scale: what is worked stands in full ink, what cures is
 * hatched, as what stands there between two days of work; what nobody measured has a dashed edge.
 */
export function FloorPlan({
  place,
  day,
  scale,
  chosen,
  pick,
}: {
  place: Place;
  day: number;
  /** Pixels to a metre, one for all places. */
  scale: number;
  chosen: string;
  pick: (part: string) => void;
}) {
  const there = place.stays.filter((s) => s.from <= day && day <= s.to);
  const on = there.filter((s) => s.fits);
  const out = there.filter((s) => !s.fits);
  const [w, h] = [place.long * scale, place.wide * scale];
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Text as="figcaption" weight="strong">
        {place.name}{' '}
        <Text as="span" size="s" tone="ink2" sx={{ fontWeight: 400 }}>
          {place.said ? place.area : t`${place.area}, as large as it has to be: nobody said`}
        </Text>
      </Text>
      <svg
        width={w + 4}
        height={h + 18}
        viewBox={`-2 -2 ${String(w + 4)} ${String(h + 18)}`}
        style={{ display: 'block', maxWidth: '100%' }}
        role="group"
        aria-label={`${place.name}: ${on.map((s) => s.name).join(', ') || 'empty'}`}
      >
        <rect
          width={w}
          height={h}
          fill={tok('sheet')}
          stroke={tok('ink')}
          strokeWidth="2.5"
          strokeDasharray={place.said ? undefined : '8 5'}
        />
        {on.map((s) => {
          const works = s.worked.includes(day);
          const box = {
            x: s.x * scale + 1.5,
            y: s.y * scale + 1.5,
            width: s.long * scale - 3,
            height: s.wide * scale - 3,
          };
          return (
            <g
              key={s.partId}
              role="button"
              tabIndex={0}
              aria-label={`${s.name}, ${works ? 'worked' : t`stands or cures`}, ${s.size}`}
              style={{ cursor: 'pointer' }}
              onClick={() => {
                pick(s.partId);
              }}
              onKeyDown={(e) => {
                if (e.key === 'Enter' || e.key === ' ') {
                  e.preventDefault();
                  pick(s.partId);
                }
              }}
            >
              <title>{s.name}</title>
              <rect
                {...box}
                fill={works ? tok('wash') : 'url(#hatch-steel)'}
                stroke={tok(s.partId === chosen ? 'lead' : 'ink')}
                strokeWidth={s.partId === chosen ? 3 : 1.5}
                strokeDasharray={s.reckoned ? '5 3' : undefined}
              />
              <text
                x={box.x + 5}
                y={box.y + 15}
                fontSize={textSize.xs}
                fontWeight="600"
                fill={tok('ink')}
                paintOrder="stroke"
                stroke={tok('sheet')}
                strokeWidth="3"
              >
                {cut(s.name, box.width - 8)}
              </text>
            </g>
          );
        })}
        <path d={`M0 ${String(h + 10)}h${String(scale)}`} stroke={tok('ink')} strokeWidth="2" />
        <text x={scale + 5} y={h + 14} fontSize={textSize.xs} fontFamily={mono} fill={tok('ink2')}>
          1 m
        </text>
      </svg>
      {out.length > 0 && (
        <Text size="m" tone="lead" sx={{ maxWidth: Math.max(w, 200) }}>
          <Trans>
            No spot of its own all day: {out.map((s) => s.name).join(', ')}. It comes when something is set aside.
          </Trans>
        </Text>
      )}
    </Box>
  );
}
