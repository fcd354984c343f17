import { Columns, Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';
import { type Lane, type Action } from './Rail';

export const beam = 8;

/** The hook a station hangs on, and its string; a dotted one while it only hangs and waits. */
export function Hook({ waits }: { waits: boolean }) {
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
export function Tag({ lane, action }: { lane: Lane; action: Action }) {
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
