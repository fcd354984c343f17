import { Box, Button, MenuItem, TextField } from '@mui/material';
import { useState, type KeyboardEvent } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../api/client';
import { useCatalogue, useLog, useRoute, useSaveRoute } from '../api/hooks';
import { Ways } from './Ways';
import { Phases } from '../figures/Phases';
import { Strata } from '../figures/Strata';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { tok } from '../theme/tokens';

type Step = Schemas['StepView'];
type Ref = Schemas['StepBody'];

const refs = (steps: Step[]): Ref[] =>
  steps.map((s) => ({ key: s.key, step: s.step, product: s.product, because: s.because }));

const words: Record<string, string> = { stop: 'Stop', broken: 'Broken', caution: 'Mind' };

function FindingBlock({
  finding,
  mend,
  part,
}: {
  finding: Schemas['FindingView'];
  mend: (m: Schemas['MendView']) => void;
  part: string;
}) {
  const log = useLog(part);
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  const inTheWay = finding.severity !== 'caution';
  return (
    <Notice tone={inTheWay ? 'lead' : 'brass'} title={`${words[finding.severity] ?? 'Mind'}: ${finding.says}`}>
      <div>{finding.consequence}</div>
      {finding.takenBy && <Box sx={{ fontWeight: 650 }}>Taken on by {finding.takenBy}</Box>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: finding.mends.length ? 1 : 0 }}>
        {finding.mends.map((m) => (
          <Button
            key={m.label}
            size="small"
            onClick={() => {
              mend(m);
            }}
            sx={{ textAlign: 'left' }}
          >
            {m.label}
          </Button>
        ))}
      </Box>
      {finding.mayBeTaken &&
        !finding.takenBy &&
        (open ? (
          <Box
            component="form"
            onSubmit={(e) => {
              e.preventDefault();
              log.mutate({ kind: 'taken', rule: finding.rule, by, note: reason, at: new Date().toISOString() });
            }}
            sx={{ display: 'grid', gap: 1, mt: 1, maxWidth: 420 }}
          >
            <TextField
              label="Your name"
              value={by}
              required
              onChange={(e) => {
                setBy(e.target.value);
              }}
            />
            <TextField
              label="Why it is safe to go on"
              value={reason}
              required
              onChange={(e) => {
                setReason(e.target.value);
              }}
              error={log.isError}
              helperText={log.error?.message ?? 'Both stay in the record.'}
            />
            <Button type="submit" variant="contained" disabled={log.isPending}>
              I take it on
            </Button>
          </Box>
        ) : (
          <Button
            size="small"
            onClick={() => {
              setOpen(true);
            }}
            sx={{ mt: 1 }}
          >
            A trained person may decide …
          </Button>
        ))}
    </Notice>
  );
}

function Detail({ step }: { step: Step }) {
  return (
    <Box>
      <Heading>{step.name}</Heading>
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        {step.because && (
          <Notice tone="brass" title="Put in later">
            {step.because}
          </Notice>
        )}
        <Labelled label="Why it is here">{step.why}</Labelled>
        {step.without.length > 0 && (
          <Labelled label="Without it">
            <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
              {step.without.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </Box>
          </Labelled>
        )}
        <Labelled label="How">{step.how}</Labelled>
        <Labelled label="How it should look">{step.look}</Labelled>
        {step.accept && (
          <Labelled label="Accepted when">
            {step.accept}
            {step.onFail && <Box sx={{ fontSize: 14, color: tok('ink2') }}>If not: {step.onFail}</Box>}
          </Labelled>
        )}
        {step.protect.length > 0 && <Labelled label="Wear">{step.protect.join(', ')}</Labelled>}
        {step.uses && <Labelled label="With">{step.uses}</Labelled>}
        {step.grits && <Labelled label="Grits">{step.grits}</Labelled>}
        {step.cautions.map((c) => (
          <Box key={c} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, fontSize: 14 }}>
            {c}
          </Box>
        ))}
        {step.local.map((l) => (
          <Box key={l} sx={{ borderLeft: `4px solid ${tok('deep')}`, pl: 1, fontSize: 14 }}>
            Here: {l}
          </Box>
        ))}
        {step.cautions.length > 0 && (
          <Box sx={{ fontSize: 13, color: tok('ink2') }}>Labels, safety data sheets and local codes come first.</Box>
        )}
      </Box>
    </Box>
  );
}

function Board({ view }: { view: Schemas['RouteView'] }) {
  const { part = '' } = useParams();
  const { save, plan } = useSaveRoute(part);
  const catalogue = useCatalogue();
  const firstOpen = Math.max(
    0,
    view.steps.findIndex((s) => s.status !== 'done' && s.status !== 'passed'),
  );
  const [at, setAt] = useState<number | null>(null);
  const [past, setPast] = useState<Ref[][]>([]);
  const [all, setAll] = useState(false);
  const [drag, setDrag] = useState<number | null>(null);
  const waits = view.steps.slice(0, firstOpen).filter((s) => s.status === 'passed').length;
  const over = waits === 1 ? 'a wait that is over' : `${String(waits)} waits that are over`;
  const behind = [`the ${String(firstOpen - waits)} steps done`, ...(waits > 0 ? [over] : [])].join(' and ');
  const selected = Math.min(at ?? firstOpen, view.steps.length - 1);
  const step = view.steps[selected];
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
    change(steps, `moved: ${moving.name}`);
    focus(to);
  };
  const takeOut = (index: number) => {
    const gone = view.steps[index];
    if (busy || !gone || gone.status === 'done') return;
    change(
      refs(view.steps).filter((_, i) => i !== index),
      `taken out: ${gone.name}`,
    );
  };
  const undo = () => {
    const before = past[past.length - 1];
    if (!before || busy) return;
    setPast((p) => p.slice(0, -1));
    change(before, 'undone', false);
  };
  const keys = (e: KeyboardEvent, index: number) => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
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
  const offered = catalogue.data?.steps ?? [];
  const problem = save.error ?? plan.error;
  const general = view.findings.filter((f) => f.stepKey === null);
  const broken = view.findings.filter((f) => f.severity !== 'caution').length;

  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 400px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 } }}>
        <Title sub={`${view.system} · ${view.life}`}>The order of work</Title>
        {view.air && (
          <Box sx={{ fontSize: 14, color: tok('ink2'), mb: 1 }}>
            In this air: <span className="mono">{view.air}</span>
          </Box>
        )}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3, mb: 2, alignItems: 'end' }}>
          {view.handsOn && (
            <Labelled label="hands-on">
              <Box sx={{ fontSize: 26 }}>
                <Fig v={view.handsOn} />
              </Box>
            </Labelled>
          )}
          {view.elapsed && (
            <Labelled label="from begin to end">
              <Box sx={{ fontSize: 26 }}>
                <Fig v={view.elapsed} />
              </Box>
            </Labelled>
          )}
          <Labelled label="on">
            <Box sx={{ fontSize: 26 }}>
              <Fig v={view.area} />
            </Box>
          </Labelled>
          <Box sx={{ flex: 1 }} />
          <Button onClick={undo} disabled={past.length === 0 || busy}>
            Undo
          </Button>
          <Button
            onClick={() => {
              setPast((p) => [...p, refs(view.steps)]);
              plan.mutate({});
            }}
            disabled={busy}
          >
            Plan again
          </Button>
        </Box>
        <Phases steps={view.steps} at={selected} go={focus} />
        <Box role="status" sx={{ fontWeight: 650, color: tok(broken ? 'lead' : 'zinc'), mb: 1 }}>
          {broken
            ? `${broken} ${broken === 1 ? 'thing stands' : 'things stand'} in the way of this order`
            : 'Every step finds what it needs.'}
        </Box>
        {problem && (
          <div role="alert">
            <Notice title="Not stored">{problem.message}</Notice>
          </div>
        )}
        {general.map((f) => (
          <FindingBlock
            key={f.says}
            part={part}
            finding={f}
            mend={(m) => {
              change(m.steps, m.label);
            }}
          />
        ))}
        {firstOpen > 3 && (
          <Button
            onClick={() => {
              setAll(!all);
            }}
            aria-expanded={!folded}
            sx={{ mb: 1 }}
          >
            {folded ? `Show ${behind}` : `Fold ${behind}`}
          </Button>
        )}
        <Box
          component="ol"
          aria-label="Steps. Arrow keys choose, Alt with arrow keys moves, Delete takes out"
          sx={{ listStyle: 'none', m: 0, p: 0 }}
        >
          {view.steps.map((s, index) => {
            if (folded && index < firstOpen) return null;
            const on = index === selected;
            const begins = s.phase !== view.steps[index - 1]?.phase || (folded && index === firstOpen);
            const found = view.findings.filter((f) => f.stepKey === s.key);
            return (
              <Box
                component="li"
                key={s.key}
                draggable={s.status !== 'done'}
                onDragStart={() => {
                  setDrag(index);
                }}
                onDragOver={(e) => {
                  if (drag !== null) e.preventDefault();
                }}
                onDrop={() => {
                  if (drag !== null) move(drag, index);
                  setDrag(null);
                }}
                onDragEnd={() => {
                  setDrag(null);
                }}
              >
                {begins && (
                  <Box
                    sx={{
                      fontSize: 13.5,
                      fontWeight: 700,
                      color: tok('ink2'),
                      mt: index ? 1.75 : 0,
                      borderBottom: `1px solid ${tok('rule')}`,
                    }}
                  >
                    {s.phaseName}
                  </Box>
                )}
                <Box
                  sx={{
                    display: 'flex',
                    alignItems: 'stretch',
                    background: on ? tok('sheet') : 'none',
                    borderLeft: `6px solid ${on ? tok('deep') : found.length ? tok('lead') : 'transparent'}`,
                  }}
                >
                  <Box
                    component="button"
                    type="button"
                    data-step={index}
                    onClick={() => {
                      setAt(index);
                    }}
                    onKeyDown={(e) => {
                      keys(e, index);
                    }}
                    aria-current={on ? 'step' : undefined}
                    sx={{
                      flex: 1,
                      minHeight: 44,
                      border: 0,
                      background: 'none',
                      color: tok('ink'),
                      font: 'inherit',
                      textAlign: 'left',
                      display: 'grid',
                      gridTemplateColumns: '34px minmax(0,1fr) auto',
                      gap: 1,
                      alignItems: 'center',
                      px: 1,
                      cursor: 'pointer',
                    }}
                  >
                    <Box component="span" className="mono" sx={{ color: tok('ink2') }}>
                      {s.status === 'done' || s.status === 'passed' ? '✓' : s.status === 'running' ? '▸' : index + 1}
                      <Box component="span" sx={{ position: 'absolute', left: -9999 }}>
                        {s.status === 'done' ? 'done' : s.status === 'running' ? 'under way' : ''}
                      </Box>
                    </Box>
                    <Box
                      component="span"
                      sx={{ fontWeight: on ? 700 : 560, color: s.status === 'done' ? tok('ink2') : tok('ink') }}
                    >
                      {s.name}
                      {s.because && (
                        <Box component="span" sx={{ ml: 1, fontSize: 13, color: tok('brass'), fontWeight: 700 }}>
                          put in
                        </Box>
                      )}
                    </Box>
                    <Box
                      component="span"
                      className="mono"
                      sx={{ fontSize: 13.5, color: tok('ink2'), textAlign: 'right' }}
                    >
                      {s.handsOn.si > 0 ? s.handsOn.text : ''}
                      {s.wait === null ? ' never' : s.wait.si > 0 ? ` + ${s.wait.text}` : ''}
                    </Box>
                  </Box>
                  {on && s.status !== 'done' && (
                    <Box sx={{ display: 'flex' }}>
                      {(
                        [
                          [
                            '↑',
                            'Move up',
                            () => {
                              move(index, index - 1);
                            },
                          ],
                          [
                            '↓',
                            'Move down',
                            () => {
                              move(index, index + 1);
                            },
                          ],
                          [
                            '×',
                            'Take out',
                            () => {
                              takeOut(index);
                            },
                          ],
                        ] as const
                      ).map(([sign, label, act]) => (
                        <Button
                          key={label}
                          onClick={act}
                          disabled={busy}
                          aria-label={`${label}: ${s.name}`}
                          sx={{
                            minWidth: 44,
                            border: 0,
                            fontSize: 18,
                            '&:hover': { border: 0, background: tok('wash') },
                          }}
                        >
                          {sign}
                        </Button>
                      ))}
                    </Box>
                  )}
                </Box>
                {found.map((f) => (
                  <Box key={f.says} sx={{ ml: { xs: 0, sm: 5 } }}>
                    <FindingBlock
                      part={part}
                      finding={f}
                      mend={(m) => {
                        change(m.steps, m.label);
                      }}
                    />
                  </Box>
                ))}
              </Box>
            );
          })}
        </Box>
        <TextField
          select
          label="Put a step in before the chosen one"
          value=""
          onChange={(e) => {
            const steps = refs(view.steps);
            steps.splice(Math.max(selected, firstOpen), 0, { step: e.target.value });
            change(steps, 'put in by hand');
          }}
          sx={{ mt: 2, width: { xs: '100%', sm: 360 } }}
        >
          {offered.map((o) => (
            <MenuItem key={o.id} value={o.id}>
              {o.name}
            </MenuItem>
          ))}
        </TextField>
      </Box>

      <Box
        component="aside"
        aria-label="The chosen step"
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        <Box sx={{ position: { md: 'sticky' }, top: 16, display: 'grid', gap: 2.5 }}>
          <Strata
            layers={view.layers}
            substrate={view.substrate}
            substrateHatch={view.substrateHatch}
            shown={step?.layersAfter ?? 0}
            caption={
              view.layers.length === 0
                ? 'no film is laid on it'
                : step && step.layersAfter === view.layers.length
                  ? `${view.build?.text ?? ''} when dry`
                  : `after step ${selected + 1} · ${view.build?.text ?? ''} at the end`
            }
          />
          {step && <Detail step={step} />}
          <Ways
            view={view}
            part={part}
            job={view.jobId}
            busy={busy}
            pick={(schools) => {
              plan.mutate(schools);
            }}
          />
        </Box>
      </Box>
    </Box>
  );
}

export function RouteOfWork() {
  const { part = '' } = useParams();
  const route = useRoute(part);
  if (route.isPending) return <Loading />;
  if (route.isError) return <Failed error={route.error} />;
  if (route.data.obstacle)
    return (
      <Box sx={{ p: 3, maxWidth: 720 }}>
        <Title>No order of work yet</Title>
        <Notice title="What stands in the way">{route.data.obstacle}</Notice>
      </Box>
    );
  return <Board view={route.data} />;
}
