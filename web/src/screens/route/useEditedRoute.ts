import { listed } from '../../parts/listed';
import { plural, t } from '@lingui/core/macro';
import { type KeyboardEvent, useState } from 'react';
import { type Schemas } from '../../api/client';
import { useSaveRoute } from '../../api/parts';
import { type Step } from './step';

type Ref = Schemas['StepBody'];

const refs = (steps: Step[]): Ref[] =>
  steps.map((s) => ({ key: s.key, step: s.step, product: s.product, because: s.because }));

/** The route under somebody's hands: what is chosen, moved, taken out, put in, and taken back again. */
export function useEditedRoute(part: string, view: Schemas['RouteView']) {
  const { save, plan } = useSaveRoute(part);
  const firstOpen = Math.max(
    0,
    view.steps.findIndex((s) => s.status !== 'done' && s.status !== 'passed'),
  );
  const [at, setAt] = useState<number | null>(null);
  const [past, setPast] = useState<Ref[][]>([]);
  const [all, setAll] = useState(false);
  const waits = view.steps.slice(0, firstOpen).filter((s) => s.status === 'passed').length;
  const over = plural(waits, { one: 'a wait that is over', other: '# waits that are over' });
  const behind = listed([t`the ${firstOpen - waits} steps done`, ...(waits > 0 ? [over] : [])]);
  const selected = Math.min(at ?? firstOpen, view.steps.length - 1);
  const folded = !all && firstOpen > 3;
  const busy = save.isPending || plan.isPending;
  const change = (steps: Ref[], because: string, remember = true) => {
    if (remember) setPast((p) => [...p, refs(view.steps)]);
    save.mutate({ steps, number: view.number, because });
  };
  const focus = (index: number) => {
    setAt(index);
    document.querySelector<HTMLElement>(`[data-step="${index}"]`)?.focus();
  };
  const move = (from: number, to: number) => {
    const target = view.steps[to];
    const moving = view.steps[from];
    if (busy || !target || !moving || moving.status === 'done' || target.status === 'done' || from === to) return;
    const steps = refs(view.steps);
    steps.splice(to, 0, ...steps.splice(from, 1));
    change(steps, t`moved: ${moving.name}`);
    focus(to);
  };
  const takeOut = (index: number) => {
    const gone = view.steps[index];
    if (busy || !gone || gone.status === 'done') return;
    change(
      refs(view.steps).filter((_, i) => i !== index),
      t`taken out: ${gone.name}`,
    );
  };
  const undo = () => {
    const before = past[past.length - 1];
    if (!before || busy) return;
    setPast((p) => p.slice(0, -1));
    change(before, 'undone', false);
  };
  const keys = (e: KeyboardEvent, index: number) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[e.key] ?? 0;
    if (by !== 0) {
      e.preventDefault();
      if (e.altKey) move(index, index + by);
      else focus(Math.min(view.steps.length - 1, Math.max(folded ? firstOpen : 0, index + by)));
    } else if (e.key === 'Delete') {
      e.preventDefault();
      takeOut(index);
    } else if (e.key === 'z' && (e.ctrlKey || e.metaKey)) {
      e.preventDefault();
      undo();
    }
  };
  const putIn = (id: string) => {
    const steps = refs(view.steps);
    steps.splice(Math.max(selected, firstOpen), 0, { step: id });
    change(steps, t`put in by hand`);
  };
  const planAgain = () => {
    setPast((p) => [...p, refs(view.steps)]);
    plan.mutate({});
  };
  const choosing = (schools: Record<string, string>) => {
    plan.mutate({ schools });
  };
  return {
    selected,
    choose: setAt,
    firstOpen,
    behind,
    folded,
    fold: () => {
      setAll(!all);
    },
    busy,
    problem: save.error ?? plan.error,
    change,
    focus,
    move,
    takeOut,
    undo: past.length === 0 || busy ? null : undo,
    keys,
    putIn,
    planAgain,
    planChoosing: choosing,
  };
}

export type EditedRoute = ReturnType<typeof useEditedRoute>;
