import { Dim, cut, path, plain, type Drawn, type Point } from './Dim';
import { section } from './section';

const run: Point = [150, -62];

/** A bar of one section, its length drawn short. */
export function Bar({ kind, d, text }: Drawn) {
  const points = section(kind, d) ?? [];
  const w = Math.max(...points.map((p) => p[0]), 0.001);
  const h = Math.max(...points.map((p) => p[1]), 0.001);
  const scale = 92 / Math.max(w, h);
  const at = (p: Point): Point => [76 + p[0] * scale, 184 - p[1] * scale];
  const front = points.map(at);
  const move = (p: Point): Point => [p[0] + run[0], p[1] + run[1]];
  const written = (...names: string[]) => names.map((n) => text[n]).find((v) => v !== undefined) ?? '';
  return (
    <>
      <path d={path(front.map(move))} {...plain} />
      {front.map((p, i) => {
        const q = front[(i + 1) % front.length] ?? p;
        const seen = (p[1] - q[1]) * run[0] + (q[0] - p[0]) * run[1] > 0;
        return seen && <path key={i} d={path([p, q, move(q), move(p)])} {...plain} />;
      })}
      <path d={path(front)} {...cut} />
      <Dim from={at([0, 0])} to={at([w, 0])} off={[0, 22]} label={written('width', 'flange', 'legB')} />
      <Dim from={at([0, 0])} to={at([0, h])} off={[-22, 0]} label={written('height', 'web', 'legA')} />
      <Dim from={at([w, 0])} to={move(at([w, 0]))} off={[12, 12]} label={text['length'] ?? ''} />
    </>
  );
}
