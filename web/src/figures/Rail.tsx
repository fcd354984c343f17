import { Columns, Row, Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

type Lane = Schemas['LaneView'];
type Action = Schemas['ActionView'];

const beam = 8;

/** The hook a station hangs on, and its string; a dotted one while it only hangs and waits. */
function Hook({ waits }: { waits: boolean }) {
  return (
    <svg width="26" height="30" style={{ display: 'block', margin: '0 auto' }} aria-hidden="true">
      <path
        d="M13 0v7a5 5 0 1 0 5 5"
        fill="none"
        stroke={tok('ink')}
        strokeWidth="2.5"
        strokeLinecap="round"
        strokeDasharray={waits ? '1 4' : undefined}
      />
      <path d="M13 17v13" stroke={tok('ink2')} strokeWidth="1.5" strokeDasharray={waits ? '1 4' : undefined} />
    </svg>
  );
}

/** A tag on its string: what it is of, and the part it belongs to. */
function Tag({ lane, action }: { lane: Lane; action: Action }) {
  const move = { off: t`off ${lane.carrier}`, on: t`onto ${lane.carrier}` }[action.moves];
  return (
    <Columns sx={{ justifyItems: 'center' }}>
      <svg width="6" height="8" aria-hidden="true">
        <path d="M3 0v8" stroke={tok('ink2')} strokeWidth="1.5" />
      </svg>
      <Box
        component={Link}
        to={`/part/${lane.partId}/route`}
        sx={{
          width: '100%',
          boxSizing: 'border-box',
          display: 'flex',
          gap: 0.75,
          alignItems: 'center',
          minHeight: 30,
          color: tok('ink'),
          textDecoration: 'none',
          border: `1.5px ${action.isWait ? 'dashed' : 'solid'} ${tok(action.isWait ? 'phos' : 'ink')}`,
          background: action.isWait ? 'none' : tok('sheet'),
          borderRadius: '11px 11px 2px 2px',
          px: 1,
          py: 0.25,
          '&:hover, &:focus-visible': { textDecoration: 'underline' },
        }}
      >
        <svg width="16" height="20" style={{ flex: 'none' }} aria-hidden="true">
          <rect x=".5" y=".5" width="15" height="19" fill={hatch(lane.hatch)} stroke={tok('ink')} />
        </svg>
        <Text shrinks sx={{ lineHeight: 1.15 }}>
          <Text size="s" weight="middle" sx={{ overflowWrap: 'anywhere' }}>
            {lane.name}
          </Text>
          {move && lane.carrier && (
            <Text size="xs" tone="brass">
              {move}
            </Text>
          )}
        </Text>
      </Box>
    </Columns>
  );
}

function Station({ action, phase, lanes }: { action: Action; phase: string; lanes: Map<string, Lane> }) {
  const parts = action.lanes.flatMap((id) => lanes.get(id) ?? []);
  return (
    <Box component="li" sx={{ width: { xs: '100%', sm: 208 }, pb: 2.5 }}>
      <Text size="s" tone="ink2" weight="strong" sx={{ height: 22, whiteSpace: 'nowrap' }}>
        {phase}
      </Text>
      <Box
        sx={{
          height: beam,
          background: tok('ink'),
          borderLeft: phase ? `10px solid ${tok('brass')}` : undefined,
        }}
      />
      <Box sx={{ px: 1 }}>
        <Hook waits={action.isWait} />
        <Box sx={{ textAlign: 'center', lineHeight: 1.2 }}>
          <Box sx={{ fontWeight: parts.length > 1 ? 700 : 600 }}>{action.name}</Box>
          <Text size="s" tone="ink2">
            <Text as="span" mono>
              {action.isWait ? t`hangs` : action.handsOn.text}
            </Text>
            {parts.length > 1 && t` · ${String(parts.length)} together`}
            {action.saved && !action.isWait && (
              <Text as="span" tone="zinc">
                {' '}
                <Trans>· spares {action.saved.text}</Trans>
              </Text>
            )}
          </Text>
        </Box>
        {parts.map((lane) => (
          <Tag key={lane.partId} lane={lane} action={action} />
        ))}
        {action.after.length > 0 && (
          <Text size="xs" tone="ink2" above={0.5} sx={{ lineHeight: 1.25 }}>
            <Trans>waits for {action.after.join('; ')}</Trans>
          </Text>
        )}
      </Box>
    </Box>
  );
}

/**
 * The course of a job as the rail in the shop: at each station hang the tags of the parts that are worked there, on one
 * hook where they are worked together; what waits hangs on a dotted string. A brass clamp marks where a phase begins.
 */
export function Rail({ lanes, actions }: { lanes: Lane[]; actions: Action[] }) {
  const by = new Map(lanes.map((l) => [l.partId, l]));
  return (
    <Row as="ol" aria-label={t`Actions in the order they are worked`} wrap plain>
      {actions.map((action, n) => (
        <Station
          key={`${action.step}-${String(n)}`}
          action={action}
          phase={action.phase === actions[n - 1]?.phase ? '' : action.phase}
          lanes={by}
        />
      ))}
    </Row>
  );
}

/** Whose tags they are: every part and zone with what it hangs on and how far it is. */
export function RailKey({ lanes }: { lanes: Lane[] }) {
  return (
    <Columns
      as="ul"
      aria-label={t`Parts and zones`}
      cols={{ xs: '1fr', lg: '1fr 1fr' }}
      plain
      below={2}
      sx={{ columnGap: 3 }}
    >
      {lanes.map((lane) => (
        <Row as="li" key={lane.partId} gap={1} align="center" sx={{ minHeight: 40 }}>
          <svg width="18" height="24" style={{ flex: 'none' }} aria-hidden="true">
            <path d="M4.5.5h9l4 4v19h-17v-19z" fill={hatch(lane.hatch)} stroke={tok('ink')} />
          </svg>
          <Text shrinks sx={{ lineHeight: 1.25 }}>
            <Box component={Link} to={`/part/${lane.partId}/route`} sx={{ color: tok('ink'), fontWeight: 650 }}>
              {lane.name}
            </Box>
            <Text size="s" tone="ink2">
              {lane.obstacle ||
                [
                  lane.substrate,
                  lane.whole && t`zone of ${lane.whole}`,
                  lane.carrier && t`on ${lane.carrier}`,
                  lane.place,
                  t`${String(lane.done)}/${String(lane.all)} steps`,
                ]
                  .filter(Boolean)
                  .join(' · ')}
            </Text>
          </Text>
        </Row>
      ))}
    </Columns>
  );
}
