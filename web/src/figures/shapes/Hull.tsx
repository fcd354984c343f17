import { Dim, cut, outline, plain, type Drawn } from './Dim';

/** A hull: length, beam and depth to scale, its lines drawn and not measured. From above, and from the side below. */
export function Hull({ kind, d, text }: Drawn) {
  const long = Math.max(d['loa'] ?? d['lwl'] ?? 1, 0.001);
  const [beam, deep] = [d['beam'] ?? 1, d['freeboard'] ?? d['draught'] ?? 0];
  const scale = Math.min(220 / long, 140 / Math.max(beam + deep + 0.05 * long, 0.001));
  const [w, b, t] = [long * scale, Math.max(beam * scale, 6), deep * scale];
  const [x, y] = [80 + (220 - w) / 2, 26];
  const below = y + b + 18;
  const bow = w * 0.38;
  return (
    <>
      <path
        d={[
          `M${x} ${y + b * 0.1} L${x + w - bow} ${y} Q${x + w - bow * 0.3} ${y + b * 0.08} ${x + w} ${y + b / 2}`,
          `Q${x + w - bow * 0.3} ${y + b * 0.92} ${x + w - bow} ${y + b} L${x} ${y + b * 0.9} Z`,
        ].join(' ')}
        {...(kind === 'topsides' ? { ...outline, fill: 'none' } : cut)}
      />
      {kind === 'topsides' && <path d={`M${x} ${below} H${x + w} L${x + w - t * 0.5} ${below + t} H${x} Z`} {...cut} />}
      {kind === 'wetted-hull' && (
        <path
          d={`M${x} ${below} H${x + w} Q${x + w * 0.85} ${below + t} ${x + w * 0.55} ${below + t} H${x + w * 0.15} Z`}
          {...plain}
        />
      )}
      <Dim from={[x, y + b / 2]} to={[x + w, y + b / 2]} label={text['loa'] ?? text['lwl'] ?? ''} />
      <Dim from={[x, y]} to={[x, y + b]} off={[-14, 0]} label={text['beam'] ?? ''} />
      {t > 0 && (
        <Dim from={[x, below]} to={[x, below + t]} off={[-14, 0]} label={text['freeboard'] ?? text['draught'] ?? ''} />
      )}
    </>
  );
}
