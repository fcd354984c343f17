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
    short > 0 ? `${String(short)} short for the jobs` : '',
    store.expiring.length > 0 ? `${String(store.expiring.length)} will not keep` : '',
  ]
    .filter((s) => s !== '')
    .join(', ');
  return (
    words !== '' && (
      <Box component={Link} to="/stores" sx={{ display: 'block', color: tok('ink'), mt: 1.5, fontSize: textSize.m }}>
        Stores: {words}
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
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, gap: { xs: 2, md: 4 }, mt: 2.5 }}>
      <Box component="section" aria-label="With the next hour">
        <Heading>With the next hour</Heading>
        {plan.version === 0 && (
          <Box sx={{ color: tok('ink2') }}>
            No plan has been made yet, so nothing says what comes first. Plan the yard on the schedule.
          </Box>
        )}
        {plan.version > 0 && plan.next.length === 0 && (
          <Box sx={{ color: tok('ink2') }}>
            Nothing can begin at this minute: everything waits, or the working hours are over.
          </Box>
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
              <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
                {given(n.planned, 'planned for now')
                  .or(n.slack.value > 0, `could wait ${n.slack.text}`)
                  .else('nothing to spare')}
                {n.fits ? '' : '; runs over the hour'}
              </Box>
            </Box>
            <Box className="mono">{n.takes.text}</Box>
          </Box>
        ))}
        <Button component={Link} to="/schedule" size="small" sx={{ mt: 1 }}>
          See the schedule
        </Button>
        {plan.outdated.length > 0 && (
          <Box sx={{ fontSize: textSize.m, color: tok('brass'), fontWeight: 650, mt: 0.5 }}>
            The plan may no longer hold: {plan.outdated.join(', ')}.
          </Box>
        )}
        {plan.moved > 0 && (
          <Box sx={{ fontSize: textSize.m, color: tok('ink2'), mt: 0.5 }}>
            {plan.moved} {plan.moved === 1 ? 'thing' : 'things'} moved in the last plan: {plan.note}.
          </Box>
        )}
      </Box>
      <Box component="section" aria-label="Weather and what to wear">
        <Heading>Weather that matters</Heading>
        {plan.places
          .filter((p) => p.matters.length > 0)
          .slice(0, 3)
          .map((p) => (
            <Box key={p.name} sx={{ borderTop: `1px solid ${tok('rule')}`, py: 0.75, fontSize: textSize.m }}>
              <b>{p.name}</b> <span className="mono">{p.air}</span>
              {p.matters.slice(0, 2).map((m) => (
                <Box key={m}>{m}</Box>
              ))}
            </Box>
          ))}
        {plan.places.every((p) => p.matters.length === 0) && (
          <Box sx={{ color: tok('zinc'), fontWeight: 650 }}>Nothing keeps a film off in the next two days.</Box>
        )}
        {plan.wear.length > 0 && (
          <Box sx={{ mt: 1.5 }}>
            <Heading>To wear today</Heading>
            <Box sx={{ fontSize: textSize.m }}>{plan.wear.join(', ')}</Box>
            {plan.mind.slice(0, 2).map((m) => (
              <Box key={m} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, my: 0.5, fontSize: textSize.m }}>
                {m}
              </Box>
            ))}
          </Box>
        )}
        <StockLine />
      </Box>
    </Box>
  );
}
