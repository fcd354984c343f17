import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Labelled } from '../../parts/Labelled';
import { when } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';

/** What holds only as long as the forecast does. */
export function Hanging({ view, choose }: { view: Schemas['PlanView']; choose: (id: string) => void }) {
  const hanging = view.work.filter((k) => k.hangs.length > 0);
  if (hanging.length === 0) return null;
  return (
    <Box sx={{ mt: 2 }}>
      <Labelled label={t`Hangs on the forecast`}>
        {hanging.slice(0, 6).map((k) => (
          <Box key={k.id} sx={{ borderTop: `1px solid ${tok('rule')}`, py: 0.75, fontSize: textSize.m }}>
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
            <Box className="mono" sx={{ fontSize: textSize.s }}>
              {when(k.start, view.now)}
            </Box>
            {k.hangs.map((h) => (
              <Box key={h} sx={{ color: tok('ink2') }}>
                {h}
              </Box>
            ))}
          </Box>
        ))}
      </Labelled>
    </Box>
  );
}
