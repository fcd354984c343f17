import { Aside, Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { useCatalogue, useFilms, useVerdict, useVerdictRows } from '../../api/catalogue';
import { OverMap } from '../../figures/OverMap';
import { SignKey } from '../../figures/OverSign';
import { Title } from '../../parts/Headings';
import { Failed, Loading } from '../../parts/Waiting';
import { OverAnswer } from './OverAnswer';

/** May this go over that on this material? As a question, and as a map. */
export function OverWhat() {
  const catalogue = useCatalogue();
  const [substrate, setSubstrate] = useState('carbon-steel');
  const [below, setBelow] = useState('bare');
  const [above, setAbove] = useState('');
  const films = useFilms(substrate);
  const list = films.data?.films ?? [];
  const over = list.some((f) => f.id === above) ? above : (list[0]?.id ?? '');
  const under = below === 'bare' || list.some((f) => f.id === below) ? below : 'bare';
  const verdict = useVerdict(substrate, under, over);
  const rows = useVerdictRows(substrate, films.data ? ['bare', ...list.map((f) => f.id)] : []);
  const ready = rows.filter((r) => r.data).length;
  if (catalogue.isPending || films.isPending) return <Loading />;
  if (catalogue.isError) return <Failed error={catalogue.error} />;
  if (films.isError) return <Failed error={films.error} />;
  const name = (id: string) => list.find((f) => f.id === id)?.name ?? '';
  const v = verdict.data;
  const working = rows.length - ready;
  return (
    <Columns cols={{ xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 360px' }}>
      <Text roomy shrinks>
        <Title sub={t`By the rules every route is held to; on clean, sound material at 20 °C`}>
          <Trans>What may go over what</Trans>
        </Title>
        <Columns gap={2} cols={{ xs: '1fr', sm: '1fr 1fr 1fr' }} above={2} below={2}>
          <TextField
            select
            label={t`May`}
            value={over}
            onChange={(e) => {
              setAbove(e.target.value);
            }}
          >
            {list.map((f) => (
              <MenuItem key={f.id} value={f.id}>
                {f.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label={t`go over`}
            value={under}
            onChange={(e) => {
              setBelow(e.target.value);
            }}
          >
            <MenuItem value="bare">
              <Trans>the bare material</Trans>
            </MenuItem>
            {list.map((f) => (
              <MenuItem key={f.id} value={f.id}>
                {f.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label={t`on`}
            value={substrate}
            onChange={(e) => {
              setSubstrate(e.target.value);
            }}
          >
            {catalogue.data.substrates.map((s) => (
              <MenuItem key={s.id} value={s.id}>
                {s.name}
              </MenuItem>
            ))}
          </TextField>
        </Columns>
        <SignKey />
        {list.length === 0 ? (
          <Box>
            <Trans>No film is laid on this material; it is cleaned, polished or dressed.</Trans>
          </Box>
        ) : (
          <OverMap
            films={list}
            rows={rows.map((r) => r.data)}
            below={under}
            above={over}
            choose={(b, a) => {
              setBelow(b);
              setAbove(a);
            }}
          />
        )}
        <Text role="status" size="m" tone="ink2">
          {working > 0 && t`${ready} of ${rows.length} rows of the map`}
        </Text>
      </Text>
      <Aside aria-label={t`The answer`} sx={{ order: { xs: -1, md: 0 } }}>
        <OverAnswer v={v} over={over} under={under} name={name} />
      </Aside>
    </Columns>
  );
}
