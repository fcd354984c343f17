import type { Schemas } from '../api/client';
import { when } from '../parts/time';
import { hatch } from '../theme/Hatches';
import { mono, tok } from '../theme/tokens';
import { PlaceBand } from './PlaceBand';

interface Props {
  view: Schemas['WindowsView'];
  narrow: boolean;
}

/** Per coat a ribbon along time: hatched while too early, full when open, tapering as it runs out, torn once gone. */
export function WindowRibbons({ view, narrow }: Props) {
  const w = narrow ? 360 : 860;
  const x0 = narrow ? 8 : 190;
  const x1 = w - 10;
  const from = new Date(view.from).getTime();
  const to = new Date(view.to).getTime();
  const x = (t: number): number => x0 + ((x1 - x0) * (Math.min(Math.max(t, from), to) - from)) / (to - from);
  const rowHeight = narrow ? 74 : 56;
  const top = 40;
  const ribbons = top + Math.max(1, view.bands.length) * rowHeight + 10;
  const height = ribbons + (narrow ? 100 : 84);
  const at = (s: string | null): number | null => (s === null ? null : new Date(s).getTime());
  const ticks: number[] = [];
  const first = new Date(view.from);
  first.setMinutes(0, 0, 0);
  const every = narrow ? 12 : 6;
  for (let t = first.getTime(); t <= to; t += 3_600_000) if (t >= from && new Date(t).getHours() % every === 0) ticks.push(t);
  const now = x(new Date(view.now).getTime());
  return (
    <svg viewBox={`0 0 ${w} ${height}`} width="100%" style={{ display: 'block' }} role="img" aria-label={view.bands.map((b) => `${b.name}, ${b.coat}: ${b.phaseWords}; opens ${when(b.opensAt, view.now)}, closes ${b.closesAt ? when(b.closesAt, view.now) : 'never'}`).join('. ') || 'No coat logged yet'}>
      {ticks.map((t) => {
        const d = new Date(t);
        const label = d.getHours() === 0 ? d.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' }) : `${String(d.getHours()).padStart(2, '0')}:00`;
        return (
          <g key={t}>
            <path d={`M${x(t)} ${top - 12} V${height}`} stroke={tok('rule')} strokeWidth={d.getHours() === 0 ? 2 : 1} />
            <text x={x(t) + 3} y={top - 18} fontSize="12.5" fill={tok('ink2')} fontFamily={mono}>{label}</text>
          </g>
        );
      })}
      {view.bands.map((band, i) => {
        const row = top + i * rowHeight;
        const c = row + (narrow ? 50 : 26);
        const laid = at(band.laidAt) ?? from;
        const opens = at(band.opensAt);
        const closes = at(band.closesAt);
        const again = at(band.againAt);
        const last = i === view.bands.length - 1;
        const early = x(laid);
        const a = opens === null ? x1 : x(opens);
        const b = closes === null ? x1 : x(closes);
        const taper = closes !== null && closes <= to;
        const k = a + (b - a) * 0.45;
        const covered = !last;
        const fill = covered ? tok('phos') : tok('lead');
        const shut = again !== null && closes !== null && again > closes;
        const torn = !shut && closes !== null && closes < to ? Array.from({ length: 10 }, (_, n) => `L${Math.min(x1, b + 7 * (n + 1))} ${c + (n % 2 ? 5 : -5)}`).join(' ') : '';
        return (
          <g key={band.stepKey}>
            <text x={narrow ? x0 : 0} y={narrow ? row + 14 : c - 3} fontSize="14.5" fontWeight="640" fill={tok('ink')}>{band.name}</text>
            <text x={narrow ? x0 : 0} y={narrow ? row + 30 : c + 14} fontSize="13" fill={tok('ink2')}>{band.coat}{covered ? ' · recoated' : ''}</text>
            {a > early && <rect x={early} y={c - 9} width={Math.max(0, a - early)} height="18" fill={hatch('early')} stroke={tok('phos')} />}
            {b > a && <path d={taper ? `M${a} ${c - 13} H${k} L${b} ${c - 2} V${c + 2} L${k} ${c + 13} H${a} Z` : `M${a} ${c - 13} H${b} V${c + 13} H${a} Z`} fill={fill} opacity={covered ? 0.45 : 0.92} />}
            {shut && !covered && x(again) > b && (
              <>
                <rect x={b} y={c - 9} width={x(again) - b} height="18" fill="none" stroke={tok('lead')} strokeWidth="2" strokeDasharray="6 3" />
                <path d={`M${b} ${c - 9}L${x(again)} ${c + 9}M${b} ${c + 9}L${x(again)} ${c - 9}`} stroke={tok('lead')} strokeWidth="1.4" />
                <text x={b + 4} y={c + 25} fontSize="12.5" fill={tok('lead')}>shut: a new coat would lift it</text>
                {again < to && <rect x={x(again)} y={c - 9} width={Math.max(0, x1 - x(again))} height="18" fill={tok('zinc')} opacity={0.7} />}
              </>
            )}
            {torn && !covered && <path d={`M${b} ${c} ${torn}`} fill="none" stroke={tok('ink')} strokeWidth="1.6" />}
            {torn && !covered && b + 84 < x1 - 84 && <text x={b + 84} y={c + 5} fontSize="12.5" fill={tok('ink')}>abrade first</text>}
            {opens === null && <text x={early + 6} y={c + 5} fontSize="12.5" fill={tok('lead')}>not curing here</text>}
          </g>
        );
      })}
      {view.next && view.next.zones.length > 1 && view.next.zones.map((z, n) => {
        const [o, c] = [at(z.opens), at(z.closes)];
        const y = top + (view.bands.length - 1) * rowHeight + (narrow ? 66 : 44) + n * 3;
        return o !== null && o < to && <path key={n} d={`M${x(o)} ${y}H${c === null ? x1 : x(c)}`} stroke={tok('deep')} strokeWidth="1.6"><title>{['where the coat was begun', 'half way', 'where it was ended'][n]}</title></path>;
      })}
      <text x={narrow ? x0 : 0} y={ribbons + 10} fontSize="12" fill={tok('ink2')}>hours worked</text>
      {view.work.map((s, n) => <rect key={n} x={x(new Date(s.from).getTime())} y={ribbons + (narrow ? 14 : 1)} width={Math.max(1, x(new Date(s.to).getTime()) - x(new Date(s.from).getTime()))} height="10" fill={tok('wash')} stroke={tok('phos')} />)}
      <PlaceBand air={view.air} span={{ from, to }} x={x} y={ribbons + (narrow ? 40 : 20)} height={54} narrow={narrow} left={x0} right={x1} />
      {view.bands.length === 0 && <text x={x0} y={top + 34} fontSize="14" fill={tok('ink2')}>Log the first coat and its window runs here.</text>}
      <path d={`M${now} ${top - 10} V${height}`} stroke={tok('ink')} strokeWidth="2.4" />
      <path d={`M${now - 7} ${top - 18} h14 l-7 9 z`} fill={tok('ink')} />
      <text x={now + 8} y={height - 4} fontSize="12.5" fontWeight="650" fill={tok('ink')}>now</text>
    </svg>
  );
}
