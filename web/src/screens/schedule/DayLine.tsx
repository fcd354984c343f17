import { listed } from '../../parts/listed';
import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Fragment } from 'react';
import type { Schemas } from '../../api/client';
import { clock, weekday, when } from '../../parts/time';

export type Work = Schemas['PlannedView'];

/** What one part after the other goes through is one row. */
export type Turn = [Work, ...Work[]];

export function until(w: Work): string {
  const [from, to] = [new Date(w.start), new Date(w.end)];
  return weekday(from) === weekday(to) ? clock(to) : `${weekday(to)} ${clock(to)}`;
}

export function Line({ row, view }: { row: Turn; view: Schemas['PlanView'] }) {
  const w = row[0];
  const last = row[row.length - 1] ?? w;
  return (
    <Columns
      as="li"
      align="baseline"
      cols={{ xs: '1fr', sm: '11rem 1fr 14rem' }}
      ruled
      inset={0.75}
      sx={{ columnGap: 2, breakInside: 'avoid' }}
    >
      <Box className="mono">
        <Trans>
          {clock(new Date(w.start))} to {until({ ...w, end: last.end })}
        </Trans>
      </Box>
      <Box>
        {row.map((one, n) => {
          const part = view.parts.find((p) => p.id === one.part);
          return (
            <Fragment key={one.id}>
              {n > 0 && '; '}
              <b>{part?.name ?? t`A part`}</b>
              {part && ` (${part.job})`}
            </Fragment>
          );
        })}
        : {w.name.charAt(0).toLowerCase() + w.name.slice(1)}
        {w.with.length > 0 && (
          <Text size="m">
            <Trans>with {w.with.join(', ')}</Trans>
          </Text>
        )}
        {w.rework && (
          <Text size="m" tone="lead">
            <Trans>after {w.rework.text} of making good</Trans>
          </Text>
        )}
        {w.until && (
          <Text size="m">
            <Trans>
              begun by <span className="mono">{when(w.until, view.now)}</span> at the latest
            </Trans>
          </Text>
        )}
      </Box>
      <Text size="m" tone="ink2">
        {w.who.length === 0 && w.start < w.end && t`nobody of yours, `}
        {w.who.length > 0 && `${listed(w.who)}, `}
        {w.place}
      </Text>
    </Columns>
  );
}
