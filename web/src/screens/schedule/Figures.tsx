import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { type Schemas } from '../../api/client';
import { Labelled } from '../../parts/Labelled';
import { when } from '../../parts/time';

export function Figures({ view }: { view: Schemas['PlanView'] }) {
  const figure = (label: string, text: string, tone: 'ink' | 'lead' = 'ink') => (
    <Labelled label={label}>
      <Text className="mono" size="title" tone={tone} weight="middle">
        {text}
      </Text>
    </Labelled>
  );
  return (
    <Row wrap below={1.5} sx={{ gap: { xs: 2, sm: 4 } }}>
      {view.finish &&
        figure(view.unplaced.length > 0 ? t`what has room is done` : t`all done`, when(view.finish, view.now))}
      {view.bound && view.unplaced.length === 0 && figure(t`no plan ends before`, when(view.bound, view.now))}
      {view.handsOn && figure(t`hands on`, view.handsOn.text)}
      {view.rework && figure(t`making good missed windows`, view.rework.text, view.rework.value > 0 ? 'lead' : 'ink')}
      {view.late && view.late.value > 0 && figure(t`past due dates`, view.late.text, 'lead')}
    </Row>
  );
}
