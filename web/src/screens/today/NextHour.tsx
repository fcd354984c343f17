import { Columns, Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { useNextHour } from '../../api/plan';
import { useStore } from '../../api/store';
import { Heading } from '../../parts/Headings';
import { textSize, tok } from '../../theme/tokens';
import { Failed, Loading } from '../../parts/Waiting';
import { given } from '../../parts/given';

function StockLine() {
  const store = useStore().data;
  if (!store) return null;
  const short = store.materials.filter((m) => m.missing.value > 0.0005).length;
  const words = [
    short > 0 ? t`${String(short)} short for the jobs` : '',
    store.expiring.length > 0 ? t`${String(store.expiring.length)} will not keep` : '',
  ]
    .filter((s) => s !== '')
    .join(', ');
  return (
    words !== '' && (
      <Box component={Link} to="/stores" sx={{ display: 'block', color: tok('ink'), mt: 1.5, fontSize: textSize.m }}>
        <Trans>Stores: {words}</Trans>
      </Box>
    )
  );
}

/** What to do with the hour there is, and what of weather, gear and stock concerns it. */
export function NextHour() {
  const hour = useNextHour();
  if (hour.isPending) return <Loading />;
  if (hour.isError) return <Failed error={hour.error} />;
  const plan = hour.data;
  if (!plan.hasParts) return null;
  return (
    <Columns cols={{ xs: '1fr', md: '1fr 1fr' }} above={2.5} sx={{ gap: { xs: 2, md: 4 } }}>
      <Box component="section" aria-label={t`With the next hour`}>
        <Heading>
          <Trans>With the next hour</Trans>
        </Heading>
        {plan.version === 0 && (
          <Text tone="ink2">
            <Trans>No plan has been made yet, so nothing says what comes first. Plan the yard on the schedule.</Trans>
          </Text>
        )}
        {plan.version > 0 && plan.next.length === 0 && (
          <Text tone="ink2">
            <Trans>Nothing can begin at this minute: everything waits, or the working hours are over.</Trans>
          </Text>
        )}
        {plan.next.slice(0, 4).map((n, i) => (
          <Box
            key={n.id}
            component={Link}
            to={`/part/${n.part}/record`}
            sx={{
              display: 'grid',
              gridTemplateColumns: '1fr auto',
              gap: 1,
              borderTop: `1px solid ${tok('rule')}`,
              py: 0.75,
              minHeight: 44,
              color: tok('ink'),
              textDecoration: 'none',
              '&:hover': { background: tok('wash') },
            }}
          >
            <Box>
              <Box component="span" sx={{ fontWeight: i === 0 ? 750 : 600 }}>
                {n.partName}: {n.name}
              </Box>
              <Text size="s" tone="ink2">
                {given(n.planned, t`planned for now`)
                  .or(n.slack.value > 0, t`could wait ${n.slack.text}`)
                  .else(t`nothing to spare`)}
                {n.fits ? '' : t`; runs over the hour`}
              </Text>
            </Box>
            <Box className="mono">{n.takes.text}</Box>
          </Box>
        ))}
        <Button component={Link} to="/schedule" size="small" sx={{ mt: 1 }}>
          <Trans>See the schedule</Trans>
        </Button>
        {plan.outdated.length > 0 && (
          <Text size="m" tone="brass" weight="firm" above={0.5}>
            <Trans>The plan may no longer hold: {plan.outdated.join(', ')}.</Trans>
          </Text>
        )}
        {plan.moved > 0 && (
          <Text size="m" tone="ink2" above={0.5}>
            <Trans>
              {plural(plan.moved, { one: '# thing', other: '# things' })} moved in the last plan: {plan.note}.
            </Trans>
          </Text>
        )}
      </Box>
      <Box component="section" aria-label={t`Weather and what to wear`}>
        <Heading>
          <Trans>Weather that matters</Trans>
        </Heading>
        {plan.places
          .filter((p) => p.matters.length > 0)
          .slice(0, 3)
          .map((p) => (
            <Text key={p.name} size="m" ruled inset={0.75}>
              <b>{p.name}</b> <span className="mono">{p.air}</span>
              {p.matters.slice(0, 2).map((m) => (
                <Box key={m}>{m}</Box>
              ))}
            </Text>
          ))}
        {plan.places.every((p) => p.matters.length === 0) && (
          <Text tone="zinc" weight="firm">
            <Trans>Nothing keeps a film off in the next two days.</Trans>
          </Text>
        )}
        {plan.wear.length > 0 && (
          <Text above={1.5}>
            <Heading>
              <Trans>To wear today</Trans>
            </Heading>
            <Text size="m">{plan.wear.join(', ')}</Text>
            {plan.mind.slice(0, 2).map((m) => (
              <Text key={m} size="m" above={0.5} below={0.5} bar="brass">
                {m}
              </Text>
            ))}
          </Text>
        )}
        <StockLine />
      </Box>
    </Columns>
  );
}
