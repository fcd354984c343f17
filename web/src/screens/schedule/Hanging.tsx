import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Labelled } from '../../parts/Labelled';
import { when } from '../../parts/time';
import { tok } from '../../theme/tokens';

/** What holds only as long as the forecast does. */
export function Hanging({ view, choose }: { view: Schemas['PlanView']; choose: (id: string) => void }) {
  const hanging = view.work.filter((k) => k.hangs.length > 0);
  if (hanging.length === 0) return null;
  return (
    <Text above={2}>
      <Labelled label={t`Hangs on the forecast`}>
        {hanging.slice(0, 6).map((k) => (
          <Text key={k.id} size="m" ruled inset={0.75}>
            <Box
              component="button"
              type="button"
              onClick={() => {
                choose(k.id);
              }}
              sx={{
                all: 'unset',
                cursor: 'pointer',
                fontWeight: 650,
                textDecoration: 'underline',
                '&:focus-visible': { outline: `2px solid ${tok('lead')}` },
              }}
            >
              {view.parts.find((p) => p.id === k.part)?.name}: {k.name}
            </Box>
            <Text className="mono" size="s">
              {when(k.start, view.now)}
            </Text>
            {k.hangs.map((h) => (
              <Text key={h} tone="ink2">
                {h}
              </Text>
            ))}
          </Text>
        ))}
      </Labelled>
    </Text>
  );
}
