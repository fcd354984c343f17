import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { Schemas } from '../api/client';
import { when } from '../parts/time';
import type { Moving } from '../parts/useMoving';
import { textSize, tok } from '../theme/tokens';
import { LaidRibbon, ZoneLines } from './LaidRibbon';
import { PlaceBand } from './PlaceBand';
import { PlannedRibbon } from './PlannedRibbon';
import { TimeAxis, type Span } from './TimeAxis';

/** Where time is in the drawing; x stays within its sides. */
export interface Frame extends Span {
  narrow: boolean;
  width: number;
  x0: number;
  x1: number;
  x: (at: number) => number;
}

interface Props {
  view: Schemas['WindowsView'];
  plan?: Schemas['PlanView'];
  span: Span;
  narrow: boolean;
  moving: Moving;
}

/**
 * Along time: the coats laid with their windows, the steps planned in theirs, the hours worked and the air of the
 * place.
 */
export function WindowRibbons({ view, plan, span, narrow, moving }: Props) {
  const width = narrow ? 360 : 860;
  const x0 = narrow ? 8 : 190;
  const x1 = width - 10;
  const frame: Frame = {
    ...span,
    narrow,
    width,
    x0,
    x1,
    x: (at) => x0 + ((x1 - x0) * (Math.min(Math.max(at, span.from), span.to) - span.from)) / (span.to - span.from),
  };
  const { x } = frame;
  const at = (s: string): number => new Date(s).getTime();
  const laidRow = narrow ? 74 : 56;
  const planRow = narrow ? 48 : 32;
  const top = 40;
  const bands = view.bands.filter((b, i) => i === view.bands.length - 1 || at(b.closesAt ?? b.laidAt) > span.from);
  const chain = plan?.work.filter((k) => k.part === view.partId) ?? [];
  const steps = chain.filter((k) => at(k.start) < span.to && Math.max(at(k.end), at(k.dry)) > span.from);
  const planTop = top + Math.max(view.cards.length > 0 ? 1 : 0, bands.length) * laidRow + 6;
  const hours = planTop + steps.length * planRow + 10;
  const height = hours + (narrow ? 100 : 84);
  const now = at(view.now);
  const worked = plan?.people.flatMap((p) => p.spans) ?? [];
  const air = plan?.places.find((p) => p.name === view.air.name) ?? view.air;
  const last = view.bands[view.bands.length - 1];
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      style={{ display: 'block', touchAction: 'pan-y' }}
      role="group"
      aria-label={
        view.bands
          .map((b) =>
            [
              `${b.name}, ${b.coat}: ${b.phaseWords}`,
              t`opens ${when(b.opensAt, view.now)}, closes ${b.closesAt ? when(b.closesAt, view.now) : 'never'}`,
            ].join('; '),
          )
          .join('. ') || t`No coat logged yet`
      }
    >
      <clipPath id="step-names">
        <rect width={x0 - 6} height={height} />
      </clipPath>
      <TimeAxis span={span} x={x} right={x1} top={top - 6} bottom={height} />
      {bands.map((band, i) => (
        <LaidRibbon key={band.stepKey} band={band} covered={band !== last} row={top + i * laidRow} frame={frame} />
      ))}
      {bands.length === 0 && view.cards.length > 0 && (
        <text x={x0} y={top + 34} fontSize={textSize.m} fill={tok('ink2')}>
          <Trans>Log the first coat and its window runs here.</Trans>
        </text>
      )}
      {view.next && view.next.zones.length > 1 && (
        <ZoneLines zones={view.next.zones} y={top + (bands.length - 1) * laidRow + (narrow ? 66 : 44)} frame={frame} />
      )}
      {steps.map((k, i) => (
        <PlannedRibbon
          key={k.id}
          work={k}
          before={before(chain, k)}
          now={view.now}
          row={planTop + i * planRow}
          frame={frame}
          moving={moving}
        />
      ))}
      <text x={narrow ? x0 : 0} y={hours + 10} fontSize={textSize.xs} fill={tok('ink2')}>
        <Trans>hours worked</Trans>
      </text>
      {worked
        .filter((s) => at(s.to) > span.from && at(s.from) < span.to)
        .map((s, n) => (
          <rect
            key={n}
            x={x(at(s.from))}
            y={hours + (narrow ? 14 : 1)}
            width={Math.max(1, x(at(s.to)) - x(at(s.from)))}
            height="10"
            fill={tok('wash')}
            stroke={tok('phos')}
          />
        ))}
      <PlaceBand
        air={air}
        span={span}
        x={x}
        y={hours + (narrow ? 40 : 20)}
        height={54}
        narrow={narrow}
        left={x0}
        right={x1}
      />
      {now > span.from && now < span.to && (
        <>
          <path d={`M${x(now)} ${top - 10} V${height}`} stroke={tok('ink')} strokeWidth="2.4" />
          <path d={`M${x(now) - 7} ${top - 18} h14 l-7 9 z`} fill={tok('ink')} />
          <text x={x(now) + 8} y={height - 4} fontSize={textSize.xs} fontWeight="650" fill={tok('ink')}>
            <Trans>now</Trans>
          </text>
        </>
      )}
    </svg>
  );
}

/** The end of the step before it on its part, in ms. */
function before(chain: Schemas['PlannedView'][], k: Schemas['PlannedView']): number | null {
  const earlier = chain[chain.findIndex((w) => w.id === k.id) - 1];
  return earlier ? new Date(earlier.end).getTime() : null;
}
