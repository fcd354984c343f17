import { Columns } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, Slider, Switch, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { type WhatIf } from '../../api/keys';
import { Labelled } from '../../parts/Labelled';
import { tok } from '../../theme/tokens';
import { planned } from './asPlanned';

export function Otherwise({
  ask,
  change,
  methods,
}: {
  ask: WhatIf;
  change: (ask: WhatIf) => void;
  methods: Schemas['Option'][];
}) {
  const slide = {
    color: tok('ink'),
    '& .MuiSlider-thumb': { borderRadius: 0, width: 16, height: 26 },
    '& .MuiSlider-rail, & .MuiSlider-track': { borderRadius: 0 },
  };
  return (
    <Columns
      as="section"
      aria-label={t`Otherwise than planned`}
      align="center"
      cols={{ xs: '1fr 1fr', md: '1fr 1fr auto 190px auto' }}
      below={2.5}
      inset={1.25}
      flag="deep"
      sheet
      sx={{ gap: { xs: 2, md: 3 }, px: 2 }}
    >
      <Labelled label={t`more coats: ${ask.coats || '0'}`}>
        <Slider
          aria-label={t`More coats`}
          sx={slide}
          min={0}
          max={3}
          step={1}
          marks
          value={Number(ask.coats)}
          onChange={(_, v) => {
            change({ ...ask, coats: v === 0 ? '' : String(v) });
          }}
        />
      </Labelled>
      <Labelled label={t`more lost: ${ask.loss || '0 %'}`}>
        <Slider
          aria-label={t`More lost, points of percent`}
          sx={slide}
          min={0}
          max={30}
          step={5}
          marks
          value={parseInt(ask.loss || '0', 10)}
          onChange={(_, v) => {
            change({ ...ask, loss: v === 0 ? '' : `${String(v)} %` });
          }}
        />
      </Labelled>
      <Labelled label={t`in the wind`}>
        <Switch
          checked={ask.breeze === '1'}
          onChange={(_, on) => {
            change({ ...ask, breeze: on ? '1' : '' });
          }}
          slotProps={{ input: { 'aria-label': t`In the wind` } }}
        />
      </Labelled>
      <TextField
        select
        size="small"
        label={t`Put on by`}
        value={ask.method}
        onChange={(e) => {
          change({ ...ask, method: e.target.value });
        }}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">
          <Trans>as planned</Trans>
        </MenuItem>
        {methods.map((m) => (
          <MenuItem key={m.id} value={m.id}>
            {m.name}
          </MenuItem>
        ))}
      </TextField>
      <Button
        disabled={ask === planned}
        onClick={() => {
          change(planned);
        }}
      >
        <Trans>As planned</Trans>
      </Button>
    </Columns>
  );
}
