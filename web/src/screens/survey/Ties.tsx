import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { Link } from 'react-router';
import { Heading } from '../../parts/Headings';
import { tok } from '../../theme/tokens';
import { Plates } from './Plates';
import { type Section } from './draft';
import { type Tie, fastened, TieRow } from './TieRow';

/** What holds the part and what lies on it; what comes off before what follows from it. */
export function Ties({ view, catalogue, draft, set, at }: Section) {
  const fields = draft.fields;
  const ties = fields.links ?? [];
  const put = (links: Tie[]) => {
    set({ fields: { ...fields, links } });
  };
  const name = (id: string) => view.siblings.find((s) => s.id === id)?.name ?? id;
  const below = ties
    .filter((tie) => fastened.includes(tie.as))
    .map((tie) => ({ name: name(tie.to), by: tie.by ?? '', stays: tie.stays ?? false }));
  const inPiece = !!fields.zone_of || view.tied.some((tie) => tie.words === 'is a zone of');
  const spot = fields.spot ?? {};
  const number = (label: string, key: 'level' | 'exit', hint: string) => (
    <TextField
      label={label}
      value={spot[key] ?? ''}
      placeholder="0"
      onChange={(e) => {
        const value = Number.parseInt(e.target.value, 10);
        set({ fields: { ...fields, spot: { ...spot, [key]: Number.isNaN(value) ? 0 : value } } });
      }}
      helperText={at(`/part/spot/${key}`) ?? hint}
      error={!!at(`/part/spot/${key}`)}
      slotProps={{ htmlInput: { inputMode: 'numeric' } }}
    />
  );
  return (
    <section aria-label={t`What holds it`}>
      <Heading>
        <Trans>What holds it, and what lies on it?</Trans>
      </Heading>
      <Columns gap={3} cols={{ xs: '1fr', lg: 'minmax(0,1fr) 320px' }}>
        <Box>
          {ties.length === 0 && (
            <Text size="m" tone="ink2" below={1}>
              {view.tied.length > 0
                ? t`Nothing holds it; it carries what is drawn here.`
                : t`Nothing said: it is worked by itself, and may be handed over by itself.`}
            </Text>
          )}
          {ties.map((tie, n) => (
            <TieRow
              key={n}
              tie={tie}
              index={n}
              view={view}
              catalogue={catalogue}
              at={at}
              change={(to) => {
                put(ties.map((tie, i) => (i === n ? to : tie)));
              }}
              drop={() => {
                put(ties.filter((_, i) => i !== n));
              }}
            />
          ))}
          <Button
            variant="outlined"
            size="small"
            onClick={() => {
              const as = ties.some((tie) => tie.as === 'mounted-on') ? 'beside' : 'mounted-on';
              put([...ties, { as, to: view.siblings[0]?.id ?? '' }]);
            }}
          >
            <Trans>Tie it to another part</Trans>
          </Button>
          {inPiece && (
            <Columns gap={1.25} cols={{ xs: '1fr', sm: '1fr 1fr 1fr' }} above={2}>
              {number(t`Level`, 'level', t`the higher is done first`)}
              <TextField
                select
                label={t`Side`}
                value={spot.side ?? 'outside'}
                onChange={(e) => {
                  set({ fields: { ...fields, spot: { ...spot, side: e.target.value } } });
                }}
                helperText={t`inside is done before outside`}
              >
                <MenuItem value="outside">
                  <Trans>outside</Trans>
                </MenuItem>
                <MenuItem value="inside">
                  <Trans>inside</Trans>
                </MenuItem>
              </TextField>
              {number(t`Way out`, 'exit', t`the highest is done last: one stands there`)}
            </Columns>
          )}
        </Box>
        <Box>
          <Plates own={draft.name || t`this part`} below={below} above={view.tied} />
          {view.tied.length > 0 && (
            <Text as="ul" size="s" tone="ink2" above={1} below={1} sx={{ pl: 2 }}>
              {view.tied.map((tie) => (
                <li key={`${tie.partId}-${tie.words}`}>
                  <Box component={Link} to={`/part/${tie.partId}/survey`} sx={{ color: tok('ink') }}>
                    {tie.name}
                  </Box>{' '}
                  <Trans>{tie.words} it</Trans>
                  {tie.by && t`, by ${tie.by}`}
                </li>
              ))}
            </Text>
          )}
        </Box>
      </Columns>
    </section>
  );
}
