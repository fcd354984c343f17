import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { textSize, tok } from '../../theme/tokens';
import { type Step } from './step';
import { type EditedRoute } from './useEditedRoute';

/** What stands before the name: done, under way, or its number. */
function sign(step: Step, index: number): [sign: string, words: string] {
  if (step.status === 'done') return ['✓', 'done'];
  if (step.status === 'passed') return ['✓', ''];
  if (step.status === 'running') return ['▸', t`under way`];
  return [String(index + 1), ''];
}

function edge(on: boolean, mark: 'lead' | 'brass' | null): string {
  if (on) return tok('deep');
  return mark ? tok(mark) : 'transparent';
}

/** Hands-on time, and the wait after it. */
function times(step: Step): string {
  const all = step.handsOn.value > 0 ? step.handsOn.text : '';
  const hands = step.mostlySetUp ? t`${all} (${step.setUp.text} set-up)` : all;
  if (step.wait === null) return t`${hands} never`;
  return step.wait.value > 0 ? `${hands} + ${step.wait.text}` : hands;
}

/** One step of the order of work, with what can be done with it when it is the chosen one. */
export function StepRow({
  step,
  index,
  on,
  mark: tone,
  route,
}: {
  step: Step;
  index: number;
  on: boolean;
  /** Something stands in its way, or is to be minded. */
  mark: 'lead' | 'brass' | null;
  route: EditedRoute;
}) {
  const [mark, words] = sign(step, index);
  const acts = [
    [
      '↑',
      t`Move up`,
      () => {
        route.move(index, index - 1);
      },
    ],
    [
      '↓',
      t`Move down`,
      () => {
        route.move(index, index + 1);
      },
    ],
    [
      '×',
      t`Take out`,
      () => {
        route.takeOut(index);
      },
    ],
  ] as const;
  return (
    <Row align="stretch" sx={{ background: on ? tok('sheet') : 'none', borderLeft: `6px solid ${edge(on, tone)}` }}>
      <Box
        component="button"
        type="button"
        data-step={index}
        onClick={() => {
          route.choose(index);
        }}
        onKeyDown={(e) => {
          route.keys(e, index);
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
        <Text as="span" className="mono" tone="ink2">
          {mark}
          <Box component="span" sx={{ position: 'absolute', left: -9999 }}>
            {words}
          </Box>
        </Text>
        <Text as="span" tone={step.status === 'done' ? 'ink2' : 'ink'} sx={{ fontWeight: on ? 700 : 560 }}>
          {step.name}
          {step.because && (
            <Text as="span" size="s" tone="brass" weight="strong" sx={{ ml: 1 }}>
              <Trans>put in</Trans>
            </Text>
          )}
        </Text>
        <Text as="span" className="mono" size="s" tone="ink2" sx={{ textAlign: 'right' }}>
          {times(step)}
        </Text>
      </Box>
      {on && step.status !== 'done' && (
        <Row>
          {acts.map(([glyph, label, act]) => (
            <Button
              key={label}
              onClick={act}
              disabled={route.busy}
              aria-label={`${label}: ${step.name}`}
              sx={{
                minWidth: 44,
                border: 0,
                fontSize: textSize.xl,
                '&:hover': { border: 0, background: tok('wash') },
              }}
            >
              {glyph}
            </Button>
          ))}
        </Row>
      )}
    </Row>
  );
}
