import { Box, useMediaQuery, useTheme } from '@mui/material';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { mono, textSize, tok } from '../theme/tokens';
import { given } from '../parts/given';

const row = 34;

/** Lanes stand closer together where there is little room. */
function useRoom() {
  const narrow = useMediaQuery(useTheme().breakpoints.down('sm'));
  return narrow ? { gap: 13, left: 8 } : { gap: 26, left: 15 };
}

/** The zones of a job as lanes down the page; where one action serves several, a bar joins them. */
export function Lanes({ lanes, actions }: { lanes: Schemas['LaneView'][]; actions: Schemas['ActionView'][] }) {
  const { gap, left } = useRoom();
  const at = new Map(lanes.map((lane, i) => [lane.partId, left + i * gap]));
  const width = left * 2 + (lanes.length - 1) * gap;
  const last = new Map<string, number>();
  actions.forEach((action, i) => {
    action.lanes.forEach((lane) => {
      last.set(lane, i);
    });
  });
  const middle = (i: number) => i * row + row / 2;
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-start' }}>
      <svg width={width} height={actions.length * row} style={{ flex: 'none' }} aria-hidden="true">
        {lanes.map((lane) => {
          const x = at.get(lane.partId) ?? 0;
          const to = last.get(lane.partId);
          return to === undefined ? null : (
            <path key={lane.partId} d={`M${x} 0V${middle(to)}`} stroke={tok('phos')} strokeWidth="2" />
          );
        })}
        {actions.map((action, i) => {
          const xs = action.lanes.map((lane) => at.get(lane) ?? 0).sort((a, b) => a - b);
          const a = xs[0] ?? 0;
          const b = xs[xs.length - 1] ?? a;
          const y = middle(i);
          const shared = xs.length > 1;
          return (
            <g key={`${action.step}-${i}`}>
              {shared && <path d={`M${a} ${y}H${b}`} stroke={tok('ink')} strokeWidth="6" />}
              {xs.map((x) => (
                <circle
                  key={x}
                  cx={x}
                  cy={y}
                  r={(action.isWait ? 4.5 : 6.5) * (gap < 20 ? 0.75 : 1)}
                  fill={given(action.isWait, tok('ground')).or(shared, tok('ink')).else(tok('sheet'))}
                  stroke={tok('ink')}
                  strokeWidth="2"
                />
              ))}
              <path d={`M${b + 9} ${y}H${width}`} stroke={tok('rule')} strokeDasharray="2 3" />
            </g>
          );
        })}
      </svg>
      <Box
        component="ol"
        aria-label="Actions in the order they are worked"
        sx={{ listStyle: 'none', m: 0, p: 0, flex: 1, minWidth: 0 }}
      >
        {actions.map((action, i) => {
          const names = action.lanes.map((id) => lanes.find((l) => l.partId === id)?.name ?? '');
          const begins = action.phase !== actions[i - 1]?.phase;
          return (
            <Box
              component="li"
              key={`${action.step}-${i}`}
              sx={{
                height: row,
                boxSizing: 'border-box',
                display: 'flex',
                alignItems: 'center',
                gap: 1,
                pl: 1,
                borderTop: begins ? `1px solid ${tok('rule')}` : 0,
              }}
            >
              <Box sx={{ flex: 1, minWidth: 0, lineHeight: 1.15 }}>
                <Box
                  sx={{
                    fontWeight: names.length > 1 ? 700 : 560,
                    whiteSpace: 'nowrap',
                    overflow: 'hidden',
                    textOverflow: 'ellipsis',
                  }}
                >
                  {action.name}
                </Box>
                <Box
                  sx={{
                    fontSize: textSize.xs,
                    color: tok('ink2'),
                    whiteSpace: 'nowrap',
                    overflow: 'hidden',
                    textOverflow: 'ellipsis',
                  }}
                  title={names.join(', ')}
                >
                  {action.lanes.length === 1 ? (
                    <Box component={Link} to={`/part/${action.lanes[0] ?? ''}/route`} sx={{ color: 'inherit' }}>
                      {names[0]}
                    </Box>
                  ) : (
                    `${names.length} together: ${names.join(', ')}`
                  )}
                </Box>
              </Box>
              <Box
                sx={{
                  fontFamily: mono,
                  fontSize: textSize.s,
                  color: tok('ink2'),
                  textAlign: 'right',
                  whiteSpace: 'nowrap',
                }}
              >
                {action.isWait ? 'wait' : action.handsOn.text}
                {action.saved && (
                  <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' }, color: tok('zinc') }}>
                    {' '}
                    · spares {action.saved.text}
                  </Box>
                )}
              </Box>
              {begins && (
                <Box
                  sx={{
                    display: { xs: 'none', lg: 'block' },
                    width: 150,
                    fontSize: textSize.s,
                    fontWeight: 700,
                    color: tok('ink2'),
                  }}
                >
                  {action.phase}
                </Box>
              )}
              {!begins && <Box sx={{ display: { xs: 'none', lg: 'block' }, width: 150 }} />}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

/** Which lane is which; its line runs on into the lanes below. */
export function LaneKey({ lanes }: { lanes: Schemas['LaneView'][] }) {
  const { gap, left } = useRoom();
  const height = 40;
  const width = left * 2 + (lanes.length - 1) * gap;
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-start' }}>
      <svg width={width} height={lanes.length * height} style={{ flex: 'none' }} aria-hidden="true">
        {lanes.map((lane, i) => (
          <path
            key={lane.partId}
            d={`M${width} ${i * height + height / 2}H${left + i * gap}V${lanes.length * height}`}
            fill="none"
            stroke={tok('phos')}
            strokeWidth="2"
            strokeDasharray={lane.done === lane.all ? '3 4' : undefined}
          />
        ))}
      </svg>
      <Box component="ul" aria-label="Zones" sx={{ listStyle: 'none', m: 0, p: 0, flex: 1, minWidth: 0 }}>
        {lanes.map((lane) => (
          <Box component="li" key={lane.partId} sx={{ display: 'flex', alignItems: 'center', height, gap: 1, pl: 1 }}>
            <svg width="26" height="18" style={{ flex: 'none' }} aria-hidden="true">
              <rect x=".5" y=".5" width="25" height="17" fill={hatch(lane.hatch)} stroke={tok('ink')} />
            </svg>
            <Box sx={{ minWidth: 0, whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis' }}>
              <Box
                component={Link}
                to={`/part/${lane.partId}/route`}
                sx={{ color: tok('ink'), fontWeight: 650, display: 'inline-block', lineHeight: `${height}px` }}
              >
                {lane.name}
              </Box>
              <Box component="span" sx={{ ml: 1, fontSize: textSize.s, color: tok('ink2') }}>
                {lane.obstacle || `${lane.substrate} · ${lane.place} · ${lane.done}/${lane.all} steps`}
              </Box>
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
