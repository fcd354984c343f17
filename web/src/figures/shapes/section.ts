import type { Point } from './Dim';

/** Outline of the section in metres, x to the right and y up; null where the shape has no straight section. */
export function section(kind: string, d: Record<string, number>): Point[] | null {
  const n = (name: string): number => d[name] ?? 0;
  const t = Math.max(n('thickness'), 0.004);
  switch (kind) {
    case 'box-section':
      return [
        [0, 0],
        [n('width'), 0],
        [n('width'), n('height')],
        [0, n('height')],
      ];
    case 'angle': {
      const th = Math.min(n('legA'), n('legB')) / 8;
      return [
        [0, 0],
        [n('legB'), 0],
        [n('legB'), th],
        [th, th],
        [th, n('legA')],
        [0, n('legA')],
      ];
    }
    case 'channel':
      return [
        [0, 0],
        [n('flange'), 0],
        [n('flange'), t],
        [t, t],
        [t, n('web') - t],
        [n('flange'), n('web') - t],
        [n('flange'), n('web')],
        [0, n('web')],
      ];
    case 'i-section': {
      const f = n('flange');
      const h = n('height');
      const a = (f - t) / 2;
      return [
        [0, 0],
        [f, 0],
        [f, t],
        [a + t, t],
        [a + t, h - t],
        [f, h - t],
        [f, h],
        [0, h],
        [0, h - t],
        [a, h - t],
        [a, t],
        [0, t],
      ];
    }
    default:
      return null;
  }
}
