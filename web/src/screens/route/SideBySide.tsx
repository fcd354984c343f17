import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useBeside } from '../../api/ways';
import { Failed, Loading } from '../../parts/Waiting';
import { tok } from '../../theme/tokens';
import { given } from '../../parts/given';
import { columns, Way } from './Way';

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
      <DialogTitle>
        <Trans>Two ways, side by side</Trans>
      </DialogTitle>
      <DialogContent>
        {beside.isPending && <Loading />}
        {beside.isError && <Failed error={beside.error} />}
        {v && (
          <>
            {v.for.map((w) => (
              <Text key={w} weight="middle">
                <Trans>
                  For {v.right.title.toLowerCase()}: {w}
                </Trans>
              </Text>
            ))}
            {v.against.map((w) => (
              <Text key={w} weight="middle">
                <Trans>Against it: {w}</Trans>
              </Text>
            ))}
            <Text above={2} below={2} sx={{ ...columns }}>
              <Way way={v.left} substrate={substrate} hatch={hatch} />
              <Way way={v.right} substrate={substrate} hatch={hatch} />
            </Text>
            <Box role="table" aria-label={t`Steps of both routes`}>
              {v.rows.map((r, i) => {
                const same = r.left !== null && r.right !== null;
                const cell = (text: string | null) => (
                  <Text
                    role="cell"
                    inset={0.4}
                    sx={{
                      borderLeft: `5px solid ${given(text === null, 'transparent')
                        .or(same, tok('rule'))
                        .else(tok('deep'))}`,
                      pl: 1,
                      fontWeight: same ? 450 : 700,
                      color: same ? tok('ink2') : tok('ink'),
                      background: given(text === null, 'none')
                        .or(same, 'none')
                        .else(tok('wash')),
                    }}
                  >
                    {text ?? ''}
                  </Text>
                );
                return (
                  <Box key={i}>
                    {r.phase !== v.rows[i - 1]?.phase && (
                      <Text
                        size="s"
                        tone="ink2"
                        weight="strong"
                        above={1}
                        sx={{ borderBottom: `1px solid ${tok('rule')}` }}
                      >
                        {r.phase}
                      </Text>
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
      <DialogActions>
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
