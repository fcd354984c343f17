import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { useState } from 'react';
import { type Schemas } from '../../api/client';
import { tok } from '../../theme/tokens';
import { FindingBlock } from './FindingBlock';
import { StepRow } from './StepRow';
import { type EditedRoute } from './useEditedRoute';

function markOf(found: Schemas['FindingView'][]): 'lead' | 'brass' | null {
  if (found.length === 0) return null;
  return found.some((f) => f.severity !== 'caution') ? 'lead' : 'brass';
}

/** The steps by phase; they are chosen by arrow keys, moved by Alt with arrow keys or by hand. */
export function StepList({ part, view, route }: { part: string; view: Schemas['RouteView']; route: EditedRoute }) {
  const [drag, setDrag] = useState<number | null>(null);
  const { folded, firstOpen } = route;
  return (
    <Text as="ol" aria-label={t`Steps. Arrow keys choose, Alt with arrow keys moves, Delete takes out`} plain>
      {view.steps.map((s, index) => {
        if (folded && index < firstOpen) return null;
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
              if (drag !== null) route.move(drag, index);
              setDrag(null);
            }}
            onDragEnd={() => {
              setDrag(null);
            }}
          >
            {begins && (
              <Text
                size="s"
                tone="ink2"
                weight="strong"
                sx={{ mt: index ? 1.75 : 0, borderBottom: `1px solid ${tok('rule')}` }}
              >
                {s.phaseName}
              </Text>
            )}
            <StepRow step={s} index={index} on={index === route.selected} mark={markOf(found)} route={route} />
            {found
              .filter((f) => !f.saidBefore)
              .map((f) => (
                <Box key={`${f.rule} ${f.consequence}`} sx={{ ml: { xs: 0, sm: 5 } }}>
                  <FindingBlock
                    part={part}
                    finding={f}
                    mend={(m) => {
                      route.change(m.steps, m.label);
                    }}
                  />
                </Box>
              ))}
          </Box>
        );
      })}
    </Text>
  );
}
