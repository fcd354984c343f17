import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Title } from '../../parts/Headings';
import { when } from '../../parts/time';
import { tok } from '../../theme/tokens';
import { until } from './until';
import { given } from '../../parts/given';

/** Zone by zone along the last coat, and what it stands by when. */
/** When the film lets the next coat on. */
function windowWords(band: Schemas['WindowBand'], now: string, gone: boolean): string {
  if (gone) return t`since ${when(band.closesAt, now)}. The route gains abrading and wiping.`;
  if (band.phase === 'open') return t`${when(band.closesAt, now)}; later the film has to be abraded first.`;
  const closes = band.closesAt ? [t`closes ${when(band.closesAt, now)}`] : [];
  return `${[t`at ${when(band.opensAt, now)}`, ...closes].join(', ')}.`;
}

export function Now({ view }: { view: Schemas['WindowsView'] }) {
  const band = view.bands[view.bands.length - 1];
  const next = view.cards.find((c) => c.status !== 'done');
  if (!band && view.cards.length === 0)
    return (
      <Box>
        <Title sub={t`No film goes on this part`}>
          <Trans>When each step may begin</Trans>
        </Title>
        <Box>
          <Trans>Its route lays no coat; its planned steps stand in the hours in which they may begin.</Trans>
        </Box>
      </Box>
    );
  if (!band)
    return (
      <Box>
        <Title sub={t`No coat logged yet`}>
          <Trans>When each film lets you in</Trans>
        </Title>
        <Box>
          <Trans>Log the first coat in the record; from then on its clock runs on the air you log.</Trans>
        </Box>
      </Box>
    );
  const open = band.phase === 'open';
  const gone =
    band.phase === 'lapsed' || (band.phase === 'cured' && band.closesAt !== null && band.closesAt < view.now);
  return (
    <Box>
      <Title sub={`${band.name}, ${band.coat}`}>
        {next ? t`Next: ${next.name}, coat ${next.coat}` : t`The last coat is on`}
      </Title>
      <Box
        sx={{
          borderLeft: `6px solid ${tok(open || gone ? 'lead' : 'phos')}`,
          background: open || gone ? tok('leadWash') : tok('wash'),
          p: 1.5,
        }}
      >
        <Text tone={open || gone ? 'lead' : 'ink2'} weight="strong">
          {given(!next, t`Full cure in`)
            .or(open, band.closesAt ? t`Closes in` : t`Open`)
            .or(gone, t`Closed`)
            .else(t`Opens in`)}
        </Text>
        <Text className="mono" size="huge" weight="middle" sx={{ lineHeight: 1.1 }}>
          {given(!next, until(band.fullAt, view.now))
            .or(open, until(band.closesAt, view.now))
            .or(gone, t`abrade first`)
            .else(until(band.opensAt, view.now))}
        </Text>
        <Text size="m">{next ? windowWords(band, view.now, gone) : t`about ${when(band.fullAt, view.now)}`}</Text>
      </Box>
      <Button
        component={Link}
        to={gone ? '../route' : '../record'}
        relative="path"
        variant="contained"
        sx={{ mt: 1.5 }}
      >
        {given(gone, t`See what the route needs`)
          .or(next, t`Log this coat`)
          .else(t`Open the record`)}
      </Button>
    </Box>
  );
}
