import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Slider, useMediaQuery } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, settle } from '../../api/client';
import { keys } from '../../api/keys';
import { FloorPlan } from '../../figures/FloorPlan';
import { Title } from '../../parts/Headings';
import { Failed, Loading } from '../../parts/Waiting';
import { useName } from '../../parts/useName';
import { tok } from '../../theme/tokens';
import { Lists } from './Lists';
import { dayWords, Chosen } from './Chosen';

/** Room for the widest floor, beside the lists and on a phone, px. */
const widest = 760;

const narrowest = 340;

/** Pixels to a metre at the most: a small bay is drawn large, and not like a hall. */
const most = 140;

/** The yard's floors from above, day by day, as the schedule fills them. */
export function Floor() {
  const read = useQuery({ queryKey: keys.floor, queryFn: () => settle(api.GET('/api/plan/floor')) });
  const narrow = useMediaQuery('(max-width: 800px)');
  const [asked, setDay] = useState<number | null>(null);
  const [chosen, setChosen] = useState('');
  useName(t`The floor`, t`Schedule`, '');
  if (read.isPending) return <Loading />;
  if (read.isError) return <Failed error={read.error} />;
  const view = read.data;
  const last = view.days.length - 1;
  // A day on which something stands there says more than an empty Sunday.
  const day = asked ?? Math.max(0, Math.min(last, ...view.places.flatMap((p) => p.stays.map((s) => s.from))));
  const scale = Math.min(most, (narrow ? narrowest : widest) / Math.max(1, ...view.places.map((p) => p.long)));
  return (
    <Columns cols={{ xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 340px' }}>
      <Text roomy shrinks>
        <Row gap={1.5} align="start" wrap>
          <Box sx={{ flex: 1, minWidth: 200 }}>
            <Title sub={t`as the schedule fills it; to scale`}>
              <Trans>The floor</Trans>
            </Title>
          </Box>
          <Button component={Link} to="/schedule">
            <Trans>The schedule</Trans>
          </Button>
        </Row>
        {view.places.length === 0 ? (
          <Text tone="ink2" widest={600}>
            <Trans>
              Nothing is planned, so nothing stands anywhere. <Link to="/schedule">Make a plan</Link> first.
            </Trans>
          </Text>
        ) : (
          <>
            <Row gap={2} align="center" sx={{ maxWidth: widest }}>
              <Button
                disabled={day === 0}
                onClick={() => {
                  setDay(day - 1);
                }}
                aria-label={t`A day earlier`}
              >
                ‹
              </Button>
              <Slider
                value={day}
                min={0}
                max={Math.max(1, last)}
                step={1}
                aria-label={t`Day`}
                getAriaValueText={(d) => dayWords(view.days[d] ?? '')}
                onChange={(_, to) => {
                  setDay(Math.min(last, to));
                }}
              />
              <Button
                disabled={day >= last}
                onClick={() => {
                  setDay(day + 1);
                }}
                aria-label={t`A day later`}
              >
                ›
              </Button>
            </Row>
            <Text size="title" weight="strong" below={1.5} role="status">
              {dayWords(view.days[day] ?? '')}
              {day === 0 && t`, today`}
            </Text>
            <Row gap={3} wrap>
              {view.places.map((p) => (
                <FloorPlan key={p.name} place={p} day={day} scale={scale} chosen={chosen} pick={setChosen} />
              ))}
            </Row>
            <Text size="s" tone="ink2" above={2}>
              <Trans>
                Full: worked on that day. Hatched: it cures or stands there. Dashed: nobody measured it. With room to
                get round it.
              </Trans>
            </Text>
          </>
        )}
      </Text>
      <Text
        as="aside"
        aria-label={t`What stands where`}
        roomy
        sheet
        sx={{ borderLeft: { lg: `1px solid ${tok('rule')}` } }}
      >
        {view.places.length > 0 && <Chosen view={view} part={chosen} />}
        <Lists view={view} />
      </Text>
    </Columns>
  );
}
