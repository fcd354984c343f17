import { Dim, cut, hollow, outline, plain, type Drawn, type Point } from './Dim';

const most = 12;

/** A face with its holes and its cut-out to scale; the edge is drawn at one thickness. */
export function Flat({ kind, d, text }: Drawn) {
  const [long, wide] = [d['length'] ?? 1, d['width'] ?? 1];
  const scale = 190 / Math.max(long, wide * 1.6, 0.001);
  const [w, h] = [Math.max(long * scale, 6), Math.max(wide * scale, 6)];
  const [x, y] = [90 + (190 - w) / 2, 34 + (120 - h) / 2];
  const holes = Math.min(most, Math.round(d['holes'] ?? 0));
  const r = Math.max(1.5, ((d['holeDiameter'] ?? 0) / 2) * scale);
  const open: Point = [(d['cutoutLength'] ?? 0) * scale, (d['cutoutWidth'] ?? 0) * scale];
  const curb = kind === 'roof' && (d['curb'] ?? 0) > 0 ? Math.max(4, Math.min((d['curb'] ?? 0) * scale, h / 3)) : 0;
  return (
    <>
      {kind === 'strip' ? null : (
        <path d={`M${x + 8} ${y - 8} h${w} v${h} l-8 8 M${x + w} ${y} l8 -8 M${x} ${y} l8 -8`} {...plain} />
      )}
      <rect x={x} y={y} width={w} height={h} {...cut} />
      {curb > 0 && (
        <rect x={x + curb} y={y + curb} width={w - 2 * curb} height={h - 2 * curb} {...outline} fill="none" />
      )}
      {(d['holeDiameter'] ?? 0) > 0 &&
        Array.from({ length: holes }, (_, i) => (
          <circle key={i} cx={x + (w * (i + 1)) / (holes + 1)} cy={y + h * (i % 2 ? 0.3 : 0.7)} r={r} {...hollow} />
        ))}
      {open[0] > 0 && open[1] > 0 && (
        <rect x={x + (w - open[0]) / 2} y={y + (h - open[1]) / 2} width={open[0]} height={open[1]} {...hollow} />
      )}
      <Dim from={[x, y + h]} to={[x + w, y + h]} off={[0, 24]} label={text['length'] ?? ''} />
      <Dim from={[x, y]} to={[x, y + h]} off={[-16, 0]} label={text['width'] ?? ''} />
    </>
  );
}

/** An open tank to scale, seen from above one corner. */
export function Tank({ d, text }: Drawn) {
  const [l, w, t] = [d['length'] ?? 1, d['width'] ?? 1, d['depth'] ?? 1];
  const scale = Math.min(190 / (l + w * 0.5), 150 / (t + w * 0.45));
  const back: Point = [w * 0.5 * scale, -w * 0.45 * scale];
  const [W, T] = [l * scale, t * scale];
  const [x, y] = [90, 184 - T];
  const rim: Point[] = [
    [x, y],
    [x + W, y],
    [x + W + back[0], y + back[1]],
    [x + back[0], y + back[1]],
  ];
  return (
    <>
      <path d={`M${rim.map((p) => p.join(' ')).join(' L')} Z`} {...cut} />
      <path d={`M${x + back[0]} ${y + back[1]} v${Math.min(T, -back[1])}`} {...outline} fill="none" />
      <rect x={x} y={y} width={W} height={T} {...plain} />
      <path d={`M${x + W} ${y} l${back[0]} ${back[1]} v${T} l${-back[0]} ${-back[1]} Z`} {...plain} />
      <Dim from={[x, y + T]} to={[x + W, y + T]} off={[0, 18]} label={text['length'] ?? ''} />
      <Dim from={[x, y]} to={[x, y + T]} off={[-14, 0]} label={text['depth'] ?? ''} />
      <Dim from={[x + W, y + T]} to={[x + W + back[0], y + T + back[1]]} off={[8, 8]} label={text['width'] ?? ''} />
    </>
  );
}
