import { Columns, Row, Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';
import { beam, Hook, Tag } from './RailTag';

export type Lane = Schemas['LaneView'];

export type Action = Schemas['ActionView'];

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
