import { useDeferredValue, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Schemas } from '../api/client';
import { useTriedPut } from '../api/plan';

const quarter = 900_000;
type Work = Schemas['PlannedView'];

export const instant = (t: number): string => new Date(t).toISOString().replace(/\.\d+Z$/, 'Z');

/** One step of a plan chosen and put elsewhere by key or pointer, and what that breaks. Times in ms. */
export function useMoving(look = false, work?: Work[]) {
  const [chosen, setChosen] = useState('');
  const [moved, setMoved] = useState<number | null>(null);
  const at = moved ?? (look ? (work?.find((k) => k.id === chosen && !k.fixed)?.start ?? null) : null);
  const tried = useTriedPut(chosen, useDeferredValue(typeof at === 'number' ? instant(at) : at));
  const choose = (id: string) => {
    if (id !== chosen) {
      setChosen(id);
      setMoved(null);
    }
  };
  const keys = (e: KeyboardEvent, k: Work) => {
    const step = (e.shiftKey ? 4 : 1) * quarter;
    const from = moved !== null && chosen === k.id ? moved : new Date(k.start).getTime();
    if ((e.key === 'ArrowRight' || e.key === 'ArrowLeft') && !k.fixed) {
      e.preventDefault();
      choose(k.id);
      setMoved(from + (e.key === 'ArrowRight' ? step : -step));
    } else if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      choose(k.id);
    } else if (e.key === 'Escape') choose('');
  };
  const down = (e: PointerEvent<SVGGElement>, k: Work, width: number) => {
    choose(k.id);
    const svg = e.currentTarget.ownerSVGElement;
    if (k.fixed || !svg) return;
    const from = new Date(k.start).getTime();
    const perPixel = width / svg.getBoundingClientRect().width;
    const follow = (m: globalThis.PointerEvent) => {
      if (Math.abs(m.clientX - e.clientX) > 3)
        setMoved(Math.round((from + (m.clientX - e.clientX) * perPixel) / quarter) * quarter);
    };
    const drop = () => {
      window.removeEventListener('pointermove', follow);
      window.removeEventListener('pointerup', drop);
      window.removeEventListener('pointercancel', drop);
    };
    window.addEventListener('pointermove', follow);
    window.addEventListener('pointerup', drop);
    window.addEventListener('pointercancel', drop);
  };
  return {
    chosen,
    moved,
    choose,
    tried: chosen === '' ? undefined : tried.data,
    broken: new Set(moved === null ? [] : (tried.data?.breaks ?? []).map((b) => b.id)) as ReadonlySet<string>,
    back: () => {
      setMoved(null);
    },
    /** @param width of the whole drawing in ms */
    grip: (k: Work, width: number) => ({
      onKeyDown: (e: KeyboardEvent) => {
        keys(e, k);
      },
      onPointerDown: (e: PointerEvent<SVGGElement>) => {
        down(e, k, width);
      },
    }),
  };
}
export type Moving = ReturnType<typeof useMoving>;
