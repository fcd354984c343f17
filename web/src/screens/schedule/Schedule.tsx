import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, LinearProgress, useMediaQuery } from '@mui/material';
import { type Schemas, api, settle } from '../../api/client';
import { usePlan, usePlanWrite } from '../../api/plan';
import { YardChart } from '../../figures/YardChart';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { useZoom } from '../../parts/Zoom';
import { when } from '../../parts/time';
import { useMoving } from '../../parts/useMoving';
import { tok } from '../../theme/tokens';
import { CalendarAddress } from './CalendarAddress';
import { ChosenWork } from './ChosenWork';
import { Moves } from './Moves';
import { NotBegun } from './NotBegun';
import { Figures } from './Figures';
import { PlanWeather } from './PlanWeather';
import { NoRoom } from './NoRoom';
import { YardKey } from '../../figures/YardKey';
import { Offers } from './Offers';
import { PlanButtons } from './PlanButtons';

/** When everything is done: the yard along time, what keeps it, and what happens when something is put elsewhere. */
export function Schedule() {
  const plan = usePlan();
  const make = usePlanWrite((body: Schemas['PlanBody']) => settle(api.POST('/api/plan', { body })));
  const put = usePlanWrite((body: Schemas['PutBody']) => settle(api.POST('/api/plan/put', { body })));
  const narrow = useMediaQuery('(max-width: 700px)');
  const zoom = useZoom();
  const moving = useMoving();
  if (plan.isPending) return <Loading />;
  if (plan.isError) return <Failed error={plan.error} />;
  const view = plan.data;
  const work = view.work.find((k) => k.id === moving.chosen);
  const busy = make.isPending || put.isPending || ['wanted', 'working'].includes(view.status);
  return (
    <Columns cols={{ xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 330px' }}>
      <Text roomy shrinks>
        <Row gap={1.5} align="start" wrap below={1}>
          <Box sx={{ flex: 1, minWidth: 200 }}>
            <Title
              sub={view.madeAt ? t`plan ${String(view.version)}, made ${when(view.madeAt, view.now)}` : t`no plan yet`}
            >
              <Trans>When everything is done</Trans>
            </Title>
          </Box>
          <PlanButtons
            view={view}
            busy={busy}
            make={(body) => {
              make.mutate(body);
            }}
          />
        </Row>
        {busy && (
          <Text role="status" below={1}>
            <Text size="m">
              {view.tries > 0
                ? t`Planning: ${view.done} of ${view.tries} orders worked out. You can leave this page.`
                : t`Planning … You can leave this page.`}
            </Text>
            <LinearProgress
              aria-label={t`Orders worked out`}
              variant={view.tries > 0 ? 'determinate' : 'indeterminate'}
              value={view.tries > 0 ? (100 * view.done) / view.tries : undefined}
            />
          </Text>
        )}
        {view.status === 'failed' && (
          <div role="alert">
            <Notice title={t`The last plan could not be made`}>
              <Trans>The one before it is shown. Plan again; if that fails too, say so to whoever runs this.</Trans>
            </Notice>
          </div>
        )}
        {make.isError && (
          <div role="alert">
            <Notice title={t`Not planned`}>{make.error.message}</Notice>
          </div>
        )}
        {view.outdated.length > 0 && (
          <Notice tone="brass" title={t`This plan may no longer hold: ${view.outdated.join(', ')}.`}>
            <Trans>Plan again: what is done or under way stays, the rest moves as little as it can.</Trans>
          </Notice>
        )}
        <Offers
          view={view}
          busy={busy}
          make={(body) => {
            make.mutate(body);
          }}
        />
        <NotBegun view={view} />
        <Figures view={view} />
        {view.work.length === 0 && view.status !== 'none' && !busy && (
          <Notice tone="deep" title={t`Nothing is left to do`}>
            <Trans>Take a part in; its work appears here.</Trans>
          </Notice>
        )}
        {zoom.controls}
        <YardChart view={view} span={zoom.span(view.now)} width={narrow ? 380 : 880} moving={moving} />
        <YardKey />
        <Text size="s" tone="ink2" above={0.5}>
          <Trans>Choose a block; drag it or use ← → (with Shift an hour) to see what breaks.</Trans>
        </Text>
      </Text>
      <Columns
        as="aside"
        aria-label={t`About the plan`}
        gap={3}
        roomy
        sx={{ background: tok('ground'), borderLeft: { lg: `1px solid ${tok('rule')}` }, alignContent: 'start' }}
      >
        {work && (
          <ChosenWork
            view={view}
            work={work}
            moving={moving}
            put={(body) => {
              put.mutate(body);
            }}
          />
        )}
        <Moves view={view} />
        <NoRoom view={view} />
        <PlanWeather view={view} choose={moving.choose} />
        <CalendarAddress />
      </Columns>
    </Columns>
  );
}
