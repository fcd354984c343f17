import { listed } from '../../parts/listed';
import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { when } from '../../parts/time';
import { type Moving, instant } from '../../parts/useMoving';
import { tok } from '../../theme/tokens';
import { given } from '../../parts/given';

/** The chosen step of a plan: why it is where it is; where it was moved, what that breaks, and a way to have it so. */
export function ChosenWork({
  view,
  work,
  moving,
  put,
  within = false,
}: {
  view: Schemas['PlanView'];
  work: Schemas['PlannedView'];
  moving: Moving;
  put: (body: Schemas['PutBody']) => void;
  within?: boolean;
}) {
  const { moved, back } = moving;
  const tried = moved === null ? undefined : moving.tried;
  const part = view.parts.find((p) => p.id === work.part);
  const start = moved === null ? work.start : new Date(moved).toISOString();
  return (
    <Text
      sheet
      sx={{ borderLeft: `6px solid ${tok(tried && tried.breaks.length > 0 ? 'lead' : 'deep')}`, p: 2 }}
      aria-live="polite"
    >
      <Text size="m" tone="ink2">
        {part?.name} · {part?.job} · {work.place}
      </Text>
      <Text size="xl" weight="strong">
        {work.name}
      </Text>
      <Text className="mono" above={0.5} below={0.5}>
        {when(start, view.now)}
        {moved === null && ` – ${when(work.end, view.now).replace(/^today /, '')}`}
      </Text>
      {moved === null ? (
        <>
          <Text size="m">
            {work.why.charAt(0).toUpperCase() + work.why.slice(1)}.{work.who.length > 0 && ` ${listed(work.who)}.`}
            {work.setUp && t` Set up already by the coat before.`}
          </Text>
          {work.rework && (
            <Text size="m" tone="lead" weight="firm">
              <Trans>A window is missed: {work.rework.text} of abrading, wiping or rinsing again come first.</Trans>
            </Text>
          )}
          <Text size="m">
            {given(work.fixed, t`Under way.`)
              .or(work.critical, t`On the longest chain: later moves the end.`)
              .or(work.slack.value === 0, t`Nothing to spare: later moves something else.`)
              .else(t`Can begin ${work.slack.text} later and nothing else moves.`)}
          </Text>
          {work.from && (
            <Text size="m">
              <Trans>
                May begin from <span className="mono">{when(work.from, view.now)}</span>
              </Trans>
              {work.until ? (
                <>
                  {' '}
                  <Trans>
                    until <span className="mono">{when(work.until, view.now)}</span>
                  </Trans>
                </>
              ) : (
                t`, and no window closes`
              )}
              .
            </Text>
          )}
          {work.hangs.map((h) => (
            <Text key={h} size="m" tone="brass" weight="firm">
              <Trans>It hangs on the forecast: {h}.</Trans>
            </Text>
          ))}
          {work.coat && (
            <Text size="m">
              <Trans>Wet until {when(work.dry, view.now)}.</Trans>
            </Text>
          )}
        </>
      ) : (
        <>
          {tried?.breaks.length === 0 && (
            <Text tone="zinc" weight="strong">
              <Trans>It may stand there; nothing breaks.</Trans>
            </Text>
          )}
          {tried?.breaks.map((b, i) => (
            <Text key={i} size="m" ruled inset={0.5}>
              <Text as="span" tone="lead" weight="strong">
                {b.name}
              </Text>{' '}
              {b.says}; {b.kind === 'late' ? t`until` : t`from`} <span className="mono">{when(b.until, view.now)}</span>
            </Text>
          ))}
          <Row gap={1} wrap above={1}>
            <Button
              variant="contained"
              onClick={() => {
                put({ id: work.id, start: instant(moved) });
                back();
              }}
            >
              <Trans>Not before then; plan the rest</Trans>
            </Button>
            <Button onClick={back}>
              <Trans>Back where it was</Trans>
            </Button>
          </Row>
        </>
      )}
      {moved === null && !within && (
        <Row gap={1} above={1}>
          <Button component={Link} to={`/part/${work.part}/windows`}>
            <Trans>Its windows</Trans>
          </Button>
          <Button component={Link} to={`/part/${work.part}/record`}>
            <Trans>Log it</Trans>
          </Button>
        </Row>
      )}
    </Text>
  );
}
