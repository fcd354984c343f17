import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Strata } from '../../figures/Strata';
import { Labelled } from '../../parts/Labelled';
import { wide } from '../../theme/tokens';

export const columns = { display: 'grid', gridTemplateColumns: 'minmax(0,1fr) minmax(0,1fr)', columnGap: 2 } as const;

export function Way({ way, substrate, hatch }: { way: Schemas['WayView']; substrate: string; hatch: string }) {
  const f = way.figures;
  return (
    <Box>
      <Text size="xl" sx={{ ...wide }}>
        {way.title}
      </Text>
      <Text size="m" tone="ink2" below={1}>
        {way.system}
      </Text>
      <Columns cols={{ xs: '1fr', sm: 'auto auto auto' }} below={1.5} sx={{ gap: '6px 18px' }}>
        {(
          [
            ['hands-on', f.handsOn.text],
            [t`in all`, f.elapsed.text],
            ['materials', f.money],
            ['protects', f.life],
            ['risk', String(f.risk)],
            ['hazard', `${f.hazard}/5`],
            ['solvent', f.voc],
            ['steps', String(f.steps)],
          ] as const
        ).map(([label, value]) => (
          <Labelled key={label} label={label}>
            <Text className="mono" weight="middle">
              {value}
            </Text>
          </Labelled>
        ))}
      </Columns>
      <Text size="m">
        <Trans>
          Gear: {way.gear.join(', ') || t`nothing special`}. Wear: {way.wear.join(', ') || t`nothing special`}.
        </Trans>
      </Text>
      <Text widest={330}>
        <Strata layers={way.layers} substrate={substrate} substrateHatch={hatch} shown={way.layers.length} caption="" />
      </Text>
    </Box>
  );
}
