import { Row } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { textSize, tok } from '../theme/tokens';

/** The phases as a path: as wide as they have steps, filled as far as the work has come. */
export function Phases({ steps, at, go }: { steps: Schemas['StepView'][]; at: number; go: (index: number) => void }) {
  const runs: { name: string; from: number; steps: Schemas['StepView'][] }[] = [];
  steps.forEach((step, index) => {
    const last = runs[runs.length - 1];
    if (last && last.name === step.phaseName) last.steps.push(step);
    else runs.push({ name: step.phaseName, from: index, steps: [step] });
  });
  const doneShade = `color-mix(in srgb, ${tok('zinc')} 38%, ${tok('wash')})`;
  return (
    <Row as="nav" aria-label={t`Phases`} below={2} sx={{ flexWrap: { xs: 'wrap', sm: 'nowrap' }, gap: '2px' }}>
      {runs.map((run, i) => {
        const on = at >= run.from && at < run.from + run.steps.length;
        const done = run.steps.filter((s) => s.status === 'done' || s.status === 'passed').length;
        const point = i === runs.length - 1 ? '100% 50%, 100% 100%' : 'calc(100% - 9px) 100%';
        return (
          <Box
            key={run.from}
            component="button"
            type="button"
            onClick={() => {
              go(run.from);
            }}
            aria-current={on ? 'step' : undefined}
            title={t`${run.name}: ${done} of ${run.steps.length} done`}
            sx={{
              flex: { xs: '1 0 30%', sm: `${run.steps.length + 2} 1 0` },
              minWidth: 0,
              minHeight: 44,
              border: 0,
              font: 'inherit',
              fontSize: textSize.s,
              fontWeight: on ? 750 : 560,
              textAlign: 'left',
              cursor: 'pointer',
              pl: i === 0 ? 1 : 1.75,
              pr: 1,
              color: on ? tok('sheet') : tok('ink'),
              overflow: 'hidden',
              lineHeight: 1.1,
              clipPath: `polygon(0 0, calc(100% - 9px) 0, 100% 50%, ${point}, 0 100%${i === 0 ? '' : ', 9px 50%'})`,
              background: on
                ? tok('ink')
                : `linear-gradient(90deg, ${doneShade} ${(done / run.steps.length) * 100}%, ${tok('wash')} 0)`,
            }}
          >
            {run.name}
          </Box>
        );
      })}
    </Row>
  );
}
