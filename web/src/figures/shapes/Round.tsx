import { given } from '../../parts/given';
import { Dim, cut, hollow, plain, type Drawn } from './Dim';

/** A tube or a round bar, its length drawn short; a tube of no stated wall is drawn with a common one. */
export function Round({ kind, d, text }: Drawn) {
  const [cx, cy, rx, ry] = [104, 150, 30, 42];
  const [dx, dy] = [150, -62];
  const wall = given(
    kind === 'tube' && (d['wall'] ?? 0) > 0,
    Math.max(0.2, 1 - (2 * (d['wall'] ?? 0)) / Math.max(d['diameter'] ?? 1, 0.001)),
  )
    .or(kind === 'tube', 0.82)
    .else(0);
  return (
    <>
      <path
        d={[
          `M${cx} ${cy - ry} L${cx + dx} ${cy - ry + dy}`,
          `A${rx} ${ry} 0 0 1 ${cx + dx} ${cy + ry + dy}`,
          `L${cx} ${cy + ry} Z`,
        ].join(' ')}
        {...plain}
      />
      <ellipse cx={cx} cy={cy} rx={rx} ry={ry} {...cut} />
      {wall > 0 && <ellipse cx={cx} cy={cy} rx={rx * wall} ry={ry * wall} {...hollow} />}
      <Dim from={[cx - rx, cy - ry]} to={[cx - rx, cy + ry]} off={[-14, 0]} label={text['diameter'] ?? ''} />
      <Dim from={[cx, cy + ry]} to={[cx + dx, cy + ry + dy]} off={[8, 14]} label={text['length'] ?? ''} />
    </>
  );
}

const bars = [0, 1, 2, 3, 4];

/** Bars that cross: their thickness by eye, since what counts is the length of all of them. */
export function Lattice({ text }: Drawn) {
  return (
    <>
      {bars.map((i) => (
        <path key={`u${String(i)}`} d={`M${80 + i * 42} 34 v150`} {...plain} strokeWidth="7" />
      ))}
      {bars.slice(0, 4).map((i) => (
        <path key={`l${String(i)}`} d={`M62 ${54 + i * 36} h204`} {...plain} strokeWidth="7" />
      ))}
      <Dim from={[62, 184]} to={[266, 184]} off={[0, 14]} label={`Σ ${text['length'] ?? ''}`} />
      <Dim from={[244, 34]} to={[252, 34]} off={[0, -14]} label={text['diameter'] ?? ''} />
    </>
  );
}
