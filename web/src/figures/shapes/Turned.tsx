import { Dim, cut, hollow, outline, plain, type Drawn } from './Dim';

/** A wheel to scale: its face with as much open between the spokes as was said, and its barrel from the side. */
export function Wheel({ d, text }: Drawn) {
  const [size, width] = [Math.max(d['diameter'] ?? 1, 0.001), d['width'] ?? 0];
  const scale = Math.min(140 / size, 190 / (size + width + size * 0.2));
  const r = (size / 2) * scale;
  const w = Math.max(width * scale, 3);
  const [cx, cy] = [86 + r, 100];
  const x = cx + r + size * 0.2 * scale;
  const [rim, hub] = [r * 0.88, r * 0.25];
  // What is open between rim and hub, as one share of the whole face, five windows of it.
  const share = Math.min(0.95, ((1 - (d['solid'] ?? 0.6)) * r * r) / (rim * rim - hub * hub));
  const window = (i: number): string => {
    const from = ((i - share / 2) * 2 * Math.PI) / 5 - Math.PI / 2;
    const to = ((i + share / 2) * 2 * Math.PI) / 5 - Math.PI / 2;
    const at = (a: number, of: number) => `${cx + of * Math.cos(a)} ${cy + of * Math.sin(a)}`;
    const arc = (of: number, turn: number, to: string) => ['A', of, of, 0, 0, turn, to].join(' ');
    return ['M', at(from, hub), 'L', at(from, rim), arc(rim, 1, at(to, rim)), 'L', at(to, hub)]
      .concat(arc(hub, 0, at(from, hub)), 'Z')
      .join(' ');
  };
  return (
    <>
      <circle cx={cx} cy={cy} r={r} {...cut} />
      {share > 0.02 && [0, 1, 2, 3, 4].map((i) => <path key={i} d={window(i)} {...hollow} />)}
      <circle cx={cx} cy={cy} r={Math.max(2, hub / 3)} {...hollow} />
      <rect x={x} y={cy - r} width={w} height={2 * r} {...plain} />
      <Dim from={[cx - r, cy - r]} to={[cx - r, cy + r]} off={[-12, 0]} label={text['diameter'] ?? ''} />
      <Dim from={[x, cy + r]} to={[x + w, cy + r]} off={[0, 16]} label={text['width'] ?? ''} />
    </>
  );
}

/** A dome to scale, its rim seen from a little above. */
export function Dome({ d, text }: Drawn) {
  const [size, rise] = [Math.max(d['diameter'] ?? 1, 0.001), Math.max(d['rise'] ?? 0, 0.001)];
  const scale = Math.min(190 / size, 130 / rise);
  const [w, h] = [size * scale, Math.max(rise * scale, 6)];
  const [x, y] = [90 + (190 - w) / 2, 30];
  return (
    <>
      <path d={`M${x} ${y + h} A${w / 2} ${h} 0 0 1 ${x + w} ${y + h} A${w / 2} 9 0 0 1 ${x} ${y + h}`} {...cut} />
      <path d={`M${x} ${y + h} A${w / 2} 9 0 0 1 ${x + w} ${y + h}`} {...outline} fill="none" strokeDasharray="3 3" />
      <Dim from={[x, y + h]} to={[x + w, y + h]} off={[0, 26]} label={text['diameter'] ?? ''} />
      <Dim from={[x, y]} to={[x, y + h]} off={[-16, 0]} label={text['rise'] ?? ''} />
    </>
  );
}

/** A cone frustum to scale, standing on its larger end. */
export function Cone({ d, text }: Drawn) {
  const [large, small, high] = [d['large'] ?? 1, d['small'] ?? 1, Math.max(d['height'] ?? 1, 0.001)];
  const wide = Math.max(large, small, 0.001);
  const scale = Math.min(180 / wide, 130 / high);
  const [l, s, h] = [(large * scale) / 2, (small * scale) / 2, high * scale];
  const [cx, y] = [190, 46];
  const flat = 0.14;
  return (
    <>
      <path
        d={[
          `M${cx - l} ${y + h} L${cx - s} ${y} L${cx + s} ${y} L${cx + l} ${y + h}`,
          `A${l} ${l * flat} 0 0 1 ${cx - l} ${y + h} Z`,
        ].join(' ')}
        {...cut}
      />
      <ellipse cx={cx} cy={y} rx={s} ry={s * flat} {...hollow} />
      <Dim from={[cx - l, y + h]} to={[cx + l, y + h]} off={[0, 14 + l * flat]} label={text['large'] ?? ''} />
      <Dim
        from={[cx - Math.max(l, s), y]}
        to={[cx - Math.max(l, s), y + h]}
        off={[-14, 0]}
        label={text['height'] ?? ''}
      />
      <Dim from={[cx - s, y]} to={[cx + s, y]} off={[0, -28]} label={text['small'] ?? ''} />
    </>
  );
}
