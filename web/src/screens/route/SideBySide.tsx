import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { type Schemas } from '../../api/client';
import { useBeside } from '../../api/parts';
import { Strata } from '../../figures/Strata';
import { Labelled } from '../../parts/Labelled';
import { Failed, Loading } from '../../parts/Waiting';
import { textSize, tok, wide } from '../../theme/tokens';
import { given } from '../../parts/given';

const columns = { display: 'grid', gridTemplateColumns: 'minmax(0,1fr) minmax(0,1fr)', columnGap: 2 } as const;

function Way({ way, substrate, hatch }: { way: Schemas['WayView']; substrate: string; hatch: string }) {
  const f = way.figures;
  return (
    <Box>
      <Box sx={{ fontSize: textSize.xl, ...wide }}>{way.title}</Box>
      <Box sx={{ fontSize: textSize.m, color: tok('ink2'), mb: 1 }}>{way.system}</Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: 'auto auto auto' }, gap: '6px 18px', mb: 1.5 }}>
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
            <Box className="mono" sx={{ fontWeight: 600 }}>
              {value}
            </Box>
          </Labelled>
        ))}
      </Box>
      <Box sx={{ fontSize: textSize.m }}>
        <Trans>Gear: </Trans>
        {way.gear.join(', ') || t`nothing special`}
        <Trans>. Wear: </Trans>
        {way.wear.join(', ') || t`nothing special`}.
      </Box>
      <Box sx={{ maxWidth: 330 }}>
        <Strata layers={way.layers} substrate={substrate} substrateHatch={hatch} shown={way.layers.length} caption="" />
      </Box>
    </Box>
  );
}

/** Two whole routes, line by line. */
export function SideBySide({
  part,
  question,
  answer,
  substrate,
  hatch,
  close,
  take,
}: {
  part: string;
  question: string;
  answer: string;
  substrate: string;
  hatch: string;
  close: () => void;
  take: () => void;
}) {
  const beside = useBeside(part, question, answer);
  const v = beside.data;
  return (
    <Dialog open onClose={close} fullWidth maxWidth="lg" aria-label={t`Two routes side by side`}>
      <DialogTitle sx={wide}>
        <Trans>Two ways, side by side</Trans>
      </DialogTitle>
      <DialogContent>
        {beside.isPending && <Loading />}
        {beside.isError && <Failed error={beside.error} />}
        {v && (
          <>
            {v.for.map((w) => (
              <Box key={w} sx={{ fontWeight: 600 }}>
                <Trans>
                  For {v.right.title.toLowerCase()}: {w}
                </Trans>
              </Box>
            ))}
            {v.against.map((w) => (
              <Box key={w} sx={{ fontWeight: 600 }}>
                <Trans>Against it: {w}</Trans>
              </Box>
            ))}
            <Box sx={{ ...columns, my: 2 }}>
              <Way way={v.left} substrate={substrate} hatch={hatch} />
              <Way way={v.right} substrate={substrate} hatch={hatch} />
            </Box>
            <Box role="table" aria-label={t`Steps of both routes`}>
              {v.rows.map((r, i) => {
                const same = r.left !== null && r.right !== null;
                const cell = (text: string | null) => (
                  <Box
                    role="cell"
                    sx={{
                      borderLeft: `5px solid ${given(text === null, 'transparent')
                        .or(same, tok('rule'))
                        .else(tok('deep'))}`,
                      pl: 1,
                      py: 0.4,
                      fontWeight: same ? 450 : 700,
                      color: same ? tok('ink2') : tok('ink'),
                      background: given(text === null, 'none')
                        .or(same, 'none')
                        .else(tok('wash')),
                    }}
                  >
                    {text ?? ''}
                  </Box>
                );
                return (
                  <Box key={i}>
                    {r.phase !== v.rows[i - 1]?.phase && (
                      <Box
                        sx={{
                          fontSize: textSize.s,
                          fontWeight: 700,
                          color: tok('ink2'),
                          mt: 1,
                          borderBottom: `1px solid ${tok('rule')}`,
                        }}
                      >
                        {r.phase}
                      </Box>
                    )}
                    <Box role="row" sx={columns}>
                      {cell(r.left)}
                      {cell(r.right)}
                    </Box>
                  </Box>
                );
              })}
            </Box>
          </>
        )}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button onClick={close}>
          <Trans>Stay</Trans>
        </Button>
        <Button variant="contained" onClick={take} disabled={!v}>
          <Trans>Take the other way</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
