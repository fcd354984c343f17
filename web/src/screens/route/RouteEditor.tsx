import { Aside, Columns, Row, Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { useParams } from 'react-router';
import { useCatalogue } from '../../api/catalogue';
import { type Schemas } from '../../api/client';
import { Phases } from '../../figures/Phases';
import { Strata } from '../../figures/Strata';
import { Explained } from '../../parts/Explained';
import { Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Alternatives } from './Alternatives';
import { Asked } from './Asked';
import { Detail } from './Detail';
import { FindingBlock } from './FindingBlock';
import { StepList } from './StepList';
import { type Step } from './step';
import { type EditedRoute, useEditedRoute } from './useEditedRoute';

function Totals({ view, route }: { view: Schemas['RouteView']; route: EditedRoute }) {
  const figures: [string, Schemas['Value'] | null][] = [
    ['hands-on', view.handsOn],
    [t`from begin to end`, view.elapsed],
    ['on', view.area],
  ];
  return (
    <Row gap={3} align="end" wrap below={2}>
      {figures.map(
        ([label, v]) =>
          v && (
            <Labelled key={label} label={label}>
              <Text size="figure">
                <Explained v={v} />
              </Text>
            </Labelled>
          ),
      )}
      <Box sx={{ flex: 1 }} />
      <Button onClick={() => route.undo?.()} disabled={route.undo === null}>
        <Trans>Undo</Trans>
      </Button>
      <Button onClick={route.planAgain} disabled={route.busy}>
        <Trans>Plan again</Trans>
      </Button>
    </Row>
  );
}

/** How thick what lies on the part is after the chosen step, and at the end. */
function built(view: Schemas['RouteView'], step: Step | undefined, selected: number): string {
  const whole = view.build?.text ?? '';
  if (view.layers.length === 0) return t`no film is laid on it`;
  if (step?.layersAfter === view.layers.length) return t`${whole} when dry`;
  return t`after step ${String(selected + 1)} · ${whole} at the end`;
}

function standing(broken: number): string {
  if (broken === 0) return t`Every step finds what it needs.`;
  return plural(broken, {
    one: '# thing stands in the way of this order',
    other: '# things stand in the way of this order',
  });
}

export function RouteEditor({ view }: { view: Schemas['RouteView'] }) {
  const { part = '' } = useParams();
  const route = useEditedRoute(part, view);
  const catalogue = useCatalogue();
  const step = view.steps[route.selected];
  const broken = view.findings.filter((f) => f.severity !== 'caution').length;

  return (
    <Columns cols={{ xs: '1fr', md: 'minmax(0,1fr) 400px' }}>
      <Text roomy>
        <Title sub={`${view.system} · ${view.life}`}>
          <Trans>The order of work</Trans>
        </Title>
        {view.air && (
          <Text size="m" tone="ink2" below={1}>
            <Trans>
              In this air: <span className="mono">{view.air}</span>
            </Trans>
          </Text>
        )}
        <Totals view={view} route={route} />
        <Phases steps={view.steps} at={route.selected} go={route.focus} />
        <Text role="status" tone={broken ? 'lead' : 'zinc'} weight="firm" below={1}>
          {standing(broken)}
        </Text>
        {route.problem && (
          <div role="alert">
            <Notice title={t`Not stored`}>{route.problem.message}</Notice>
          </div>
        )}
        {view.findings
          .filter((f) => f.stepKey === null)
          .map((f) => (
            <FindingBlock
              key={`${f.rule} ${f.consequence}`}
              part={part}
              finding={f}
              mend={(m) => {
                route.change(m.steps, m.label);
              }}
            />
          ))}
        {route.firstOpen > 3 && (
          <Button onClick={route.fold} aria-expanded={!route.folded} sx={{ mb: 1 }}>
            {route.folded ? t`Show ${route.behind}` : t`Fold ${route.behind}`}
          </Button>
        )}
        <StepList part={part} view={view} route={route} />
        <TextField
          select
          label={t`Put a step in before the chosen one`}
          value=""
          onChange={(e) => {
            route.putIn(e.target.value);
          }}
          sx={{ mt: 2, width: { xs: '100%', sm: 360 } }}
        >
          {(catalogue.data?.steps ?? []).map((o) => (
            <MenuItem key={o.id} value={o.id}>
              {o.name}
            </MenuItem>
          ))}
        </TextField>
      </Text>

      <Aside aria-label={t`The chosen step`}>
        <Columns gap={2.5} sx={{ position: { md: 'sticky' }, top: 16 }}>
          <Strata
            layers={view.layers}
            substrate={view.substrate}
            substrateHatch={view.substrateHatch}
            shown={step?.layersAfter ?? 0}
            caption={built(view, step, route.selected)}
          />
          {step && <Detail step={step} />}
          {step && step.asks.length > 0 && <Asked step={step} view={view} part={part} />}
          <Alternatives view={view} part={part} job={view.jobId} busy={route.busy} pick={route.planChoosing} />
        </Columns>
      </Aside>
    </Columns>
  );
}
