import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { type Schemas } from '../../api/client';

export function Figures({ f }: { f: Schemas['FiguresView'] }) {
  return (
    <Text className="mono" size="xs">
      {t`${f.handsOn.text} hands-on · ${f.elapsed.text} in all · ${f.money} of materials used · ${f.life}`}
      {t` · risk ${f.risk} · hazard ${f.hazard}/5`}
    </Text>
  );
}
