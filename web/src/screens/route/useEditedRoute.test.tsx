import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { json, server, shown, type Asked } from '../../testing/shown';
import { StepList } from './StepList';
import { useEditedRoute } from './useEditedRoute';

const step = (key: string, status = 'open') => ({
  key,
  step: `step-${key}`,
  product: null,
  name: `Step ${key}`,
  phase: 'clean',
  phaseName: 'Clean',
  status,
  because: '',
  handsOn: { value: 10, text: '10 min' },
  wait: { value: 0, text: '' },
  layersAfter: 0,
  why: '',
  how: '',
  look: '',
  accept: '',
  onFail: '',
  uses: '',
  grits: '',
  without: [],
  cautions: [],
  protect: [],
  asks: [],
  local: [],
});

const view = (steps: ReturnType<typeof step>[]): Schemas['RouteView'] =>
  ({
    number: 3,
    system: 'Epoxy',
    life: '5 years',
    air: '',
    steps,
    findings: [],
    layers: [],
    substrate: 'Steel',
    substrateHatch: 'steel',
    handsOn: null,
    elapsed: null,
    area: { value: 1, text: '1 m2', how: null },
    build: null,
    schools: [],
    jobId: 'j',
    without: [],
  }) as unknown as Schemas['RouteView'];

let asked: Asked[] = [];

function Order({ view }: { view: Schemas['RouteView'] }) {
  const route = useEditedRoute('7', view);
  return (
    <>
      <button onClick={() => route.undo?.()}>Undo</button>
      {route.firstOpen > 3 && <button onClick={route.fold}>{`Show ${route.behind}`}</button>}
      <StepList part="7" view={view} route={route} />
    </>
  );
}

function open(...steps: ReturnType<typeof step>[]) {
  shown(<Order view={view(steps)} />);
  return within(screen.getByRole('list', { name: /Steps/ }));
}

const stored = () => asked.filter((a) => a.method === 'PUT').map((a) => a.body as { steps: { key: string }[] });

describe('the order of work', () => {
  beforeEach(() => {
    asked = server((a) => (a.method === 'PUT' ? json(view([])) : json({})));
  });

  it('is changed by the keyboard alone', async () => {
    const steps = open(step('a'), step('b'), step('c'));
    await userEvent.click(steps.getByText('Step b'));
    await userEvent.keyboard('{Alt>}{ArrowUp}{/Alt}');
    await waitFor(() => {
      expect(stored()[0]?.steps.map((s) => s.key)).toEqual(['b', 'a', 'c']);
    });
  });

  it('loses a step by Delete and has it back by Undo', async () => {
    const steps = open(step('a'), step('b'));
    await userEvent.click(steps.getByText('Step b'));
    await userEvent.keyboard('{Delete}');
    await waitFor(() => {
      expect(stored()[0]?.steps.map((s) => s.key)).toEqual(['a']);
    });
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => {
      expect(stored()[1]?.steps.map((s) => s.key)).toEqual(['a', 'b']);
    });
  });

  it('does not move what is done', async () => {
    const steps = open(step('a', 'done'), step('b'));
    await userEvent.click(steps.getByText('Step b'));
    await userEvent.keyboard('{Alt>}{ArrowUp}{/Alt}');
    await userEvent.click(steps.getByText('Step a'));
    await userEvent.keyboard('{Delete}');
    expect(stored()).toEqual([]);
  });

  it('folds what lies behind', async () => {
    const steps = open(step('a', 'done'), step('b', 'done'), step('c', 'done'), step('d', 'passed'), step('e'));
    expect(steps.queryByText('Step a')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Show the 3 steps done and a wait that is over' }));
    steps.getByText('Step a');
  });
});
