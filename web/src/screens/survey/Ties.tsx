import { Box, Button, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { textSize, tok } from '../../theme/tokens';
import { Plates } from './Plates';
import { type Section } from './draft';

type Tie = Schemas['LinkBody'];

/** Relations of what can be taken off and put back, or left on and shielded. */
const fastened = ['mounted-on', 'covers', 'bonded-to', 'seals', 'inside'];

function TieRow({
  tie,
  index,
  view,
  catalogue,
  change,
  drop,
  at,
}: {
  tie: Tie;
  index: number;
  view: Schemas['SurveyView'];
  catalogue: Schemas['CatalogueView'];
  change: (tie: Tie) => void;
  drop: () => void;
  at: (pointer: string) => string | undefined;
}) {
  const pointer = (field: string) => `/part/links/${String(index)}/${field}`;
  const wrong = at(pointer('to')) ?? at('/part/mounted_on');
  return (
    <Box
      component="fieldset"
      aria-label={`Tie ${String(index + 1)}`}
      sx={{ border: 0, m: 0, p: 0, py: 1.5, borderTop: `1px solid ${tok('rule')}`, display: 'grid', gap: 1.25 }}
    >
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <TextField
          select
          label="It"
          value={tie.as}
          onChange={(e) => {
            change({ ...tie, as: e.target.value });
          }}
          helperText={catalogue.relations.find((r) => r.id === tie.as)?.hint}
        >
          {catalogue.relations.map((r) => (
            <MenuItem key={r.id} value={r.id}>
              {r.name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Which part"
          data-pointer={pointer('to')}
          value={tie.to}
          onChange={(e) => {
            change({ ...tie, to: e.target.value });
          }}
          error={!!wrong}
          helperText={wrong}
        >
          {view.siblings.map((s) => (
            <MenuItem key={s.id} value={s.id}>
              {s.name}
            </MenuItem>
          ))}
        </TextField>
        {fastened.includes(tie.as) && (
          <>
            <TextField
              label="Held by"
              placeholder="four M8 bolts, nyloc nuts"
              value={tie.by ?? ''}
              onChange={(e) => {
                change({ ...tie, by: e.target.value });
              }}
              error={!!at(pointer('by'))}
              helperText={at(pointer('by'))}
            />
            <TextField
              label="Its turn to come off"
              placeholder="any"
              value={tie.order ?? ''}
              onChange={(e) => {
                const turn = Number.parseInt(e.target.value, 10);
                change({ ...tie, order: Number.isNaN(turn) ? null : turn });
              }}
              error={!!at(pointer('order'))}
              helperText={at(pointer('order')) ?? '1 comes off first and goes back last'}
              slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
          </>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, alignItems: 'center' }}>
        {fastened.includes(tie.as) && (
          <>
            <FormControlLabel
              label="stays on, shielded"
              control={
                <Checkbox
                  checked={tie.stays ?? false}
                  onChange={(_, stays) => {
                    change({ ...tie, stays });
                  }}
                />
              }
            />
            <FormControlLabel
              label="torqued or carries load"
              control={
                <Checkbox
                  checked={tie.loaded ?? false}
                  onChange={(_, loaded) => {
                    change({ ...tie, loaded });
                  }}
                />
              }
            />
          </>
        )}
        <Button size="small" onClick={drop} sx={{ ml: 'auto' }} aria-label={`Remove tie ${String(index + 1)}`}>
          Remove
        </Button>
      </Box>
    </Box>
  );
}

/** What holds the part and what lies on it; what comes off before what follows from it. */
export function Ties({ view, catalogue, draft, set, at }: Section) {
  const fields = draft.fields;
  const ties = fields.links ?? [];
  const put = (links: Tie[]) => {
    set({ fields: { ...fields, links } });
  };
  const name = (id: string) => view.siblings.find((s) => s.id === id)?.name ?? id;
  const below = ties
    .filter((t) => fastened.includes(t.as))
    .map((t) => ({ name: name(t.to), by: t.by ?? '', stays: t.stays ?? false }));
  const inPiece = !!fields.zone_of || view.tied.some((t) => t.words === 'is a zone of');
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
    <section aria-label="What holds it">
      <Heading>What holds it, and what lies on it?</Heading>
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', lg: 'minmax(0,1fr) 320px' } }}>
        <Box>
          {ties.length === 0 && (
            <Box sx={{ fontSize: textSize.m, color: tok('ink2'), mb: 1 }}>
              {view.tied.length > 0
                ? 'Nothing holds it; it carries what is drawn here.'
                : 'Nothing said: it is worked by itself, and may be handed over by itself.'}
            </Box>
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
                put(ties.map((t, i) => (i === n ? to : t)));
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
              const as = ties.some((t) => t.as === 'mounted-on') ? 'beside' : 'mounted-on';
              put([...ties, { as, to: view.siblings[0]?.id ?? '' }]);
            }}
          >
            Tie it to another part
          </Button>
          {inPiece && (
            <Box sx={{ display: 'grid', gap: 1.25, mt: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' } }}>
              {number('Level', 'level', 'the higher is done first')}
              <TextField
                select
                label="Side"
                value={spot.side ?? 'outside'}
                onChange={(e) => {
                  set({ fields: { ...fields, spot: { ...spot, side: e.target.value } } });
                }}
                helperText="inside is done before outside"
              >
                <MenuItem value="outside">outside</MenuItem>
                <MenuItem value="inside">inside</MenuItem>
              </TextField>
              {number('Way out', 'exit', 'the highest is done last: one stands there')}
            </Box>
          )}
        </Box>
        <Box>
          <Plates own={draft.name || 'this part'} below={below} above={view.tied} />
          {view.tied.length > 0 && (
            <Box component="ul" sx={{ fontSize: textSize.s, pl: 2, my: 1, color: tok('ink2') }}>
              {view.tied.map((t) => (
                <li key={`${t.partId}-${t.words}`}>
                  <Box component={Link} to={`/part/${t.partId}/survey`} sx={{ color: tok('ink') }}>
                    {t.name}
                  </Box>{' '}
                  {t.words} it
                  {t.by && `, by ${t.by}`}
                </li>
              ))}
            </Box>
          )}
        </Box>
      </Box>
    </section>
  );
}
