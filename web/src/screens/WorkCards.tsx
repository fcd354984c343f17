import { Box, Button, MenuItem, TextField } from '@mui/material';
import { useDeferredValue, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Refusal, type Schemas } from '../api/client';
import { useCards, useDropCard, useKeepCard, useTriedCard } from '../api/hooks';
import { WorkDrawing } from '../figures/WorkDrawing';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { tok } from '../theme/tokens';

type Draft = Schemas['WorkCardBody'];

function Field({
  field,
  value,
  change,
  wrong,
}: {
  field: Schemas['DimensionField'];
  value: string;
  change: (v: string) => void;
  wrong?: string;
}) {
  const common = {
    size: 'small' as const,
    label: field.label,
    value,
    onChange: (e: { target: { value: string } }) => {
      change(e.target.value);
    },
    error: !!wrong,
    helperText: wrong,
  };
  return field.kind === 'choice' ? (
    <TextField select {...common} label={field.label} value={value || field.options[0]}>
      {field.options.map((o) => (
        <MenuItem key={o} value={o}>
          {o}
        </MenuItem>
      ))}
    </TextField>
  ) : (
    <TextField
      {...common}
      placeholder={field.required ? '' : 'as usual'}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}

function Asked({
  kind,
  draft,
  change,
  wrong,
  parts,
}: {
  kind: Schemas['WorkKindView'];
  draft: Draft;
  change: (d: Draft) => void;
  wrong: { field: string; text: string };
  parts: Schemas['Option'][];
}) {
  const at = (name: string): string | undefined => (wrong.field === name ? wrong.text : undefined);
  return (
    <Box className="no-print" sx={{ display: 'grid', gap: 1.25 }}>
      <TextField
        size="small"
        label="Name of the card"
        value={draft.name}
        onChange={(e) => {
          change({ ...draft, name: e.target.value });
        }}
        error={!!at('name')}
        helperText={at('name')}
      />
      <TextField
        select
        size="small"
        label="For the part"
        value={draft.part ?? ''}
        onChange={(e) => {
          change({ ...draft, part: e.target.value });
        }}
        error={!!at('part')}
        helperText={at('part')}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">none in particular</MenuItem>
        {parts.map((p) => (
          <MenuItem key={p.id} value={p.id}>
            {p.name}
          </MenuItem>
        ))}
      </TextField>
      {kind.rowsField && (
        <Box>
          {draft.rows.map((row, i) => (
            <Box
              key={i}
              sx={{
                display: 'grid',
                gridTemplateColumns: `repeat(${kind.rowFields.length}, 1fr) auto`,
                gap: 0.75,
                mb: 0.75,
              }}
            >
              {kind.rowFields.map((f) => (
                <Field
                  key={f.name}
                  field={f}
                  value={row[f.name] ?? ''}
                  wrong={at(`${kind.rowsField}/${i}/${f.name}`)}
                  change={(v) => {
                    change({ ...draft, rows: draft.rows.map((r, k) => (k === i ? { ...r, [f.name]: v } : r)) });
                  }}
                />
              ))}
              <Button
                size="small"
                aria-label={`Take section ${i + 1} out`}
                onClick={() => {
                  change({ ...draft, rows: draft.rows.filter((_, k) => k !== i) });
                }}
              >
                Out
              </Button>
            </Box>
          ))}
          <Button
            size="small"
            onClick={() => {
              change({ ...draft, rows: [...draft.rows, {}] });
            }}
          >
            One more section
          </Button>
        </Box>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
        {kind.fields.map((f) => (
          <Field
            key={f.name}
            field={f}
            value={draft.inputs[f.name] ?? ''}
            wrong={at(f.name) ?? at(`inputs/${f.name}`)}
            change={(v) => {
              change({ ...draft, inputs: { ...draft.inputs, [f.name]: v } });
            }}
          />
        ))}
      </Box>
    </Box>
  );
}

function Worked({ card }: { card: Schemas['WorkCardView'] }) {
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      {card.error && (
        <div role="status">
          <Notice tone="brass" title="Not worked out yet">
            {card.error}
          </Notice>
        </div>
      )}
      {card.drawing && <WorkDrawing drawing={card.drawing} />}
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', gap: '10px 20px' }}>
        {card.figures.map((f, i) => (
          <Labelled key={f.label + String(i)} label={f.label}>
            <Box sx={{ fontSize: i < 2 ? 26 : 19 }}>
              <Fig v={f.value} label={f.label} />
            </Box>
          </Labelled>
        ))}
      </Box>
      {card.steps.length > 0 && (
        <Box>
          <Heading>In this order</Heading>
          <Box component="ol" sx={{ m: 0, pl: 3, '& li': { pb: 0.75 } }}>
            {card.steps.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </Box>
        </Box>
      )}
      {card.warnings.map((w) => (
        <Notice key={w} tone="brass" title={w} />
      ))}
      {card.cautions.length > 0 && (
        <Labelled label="Mind">
          {card.cautions.map((c) => (
            <Box key={c} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, my: 0.5, fontSize: 14 }}>
              {c}
            </Box>
          ))}
        </Labelled>
      )}
      {card.wear.length > 0 && <Labelled label="Wear">{card.wear.join(', ')}</Labelled>}
      {card.figures.length > 0 && (
        <Box sx={{ fontSize: 13, color: tok('ink2') }}>
          Typical figures unless yours are given. Labels, sheets and local codes come first.
        </Box>
      )}
    </Box>
  );
}

const begun = (kind: Schemas['WorkKindView']): Draft => ({
  kind: kind.id,
  name: kind.name,
  inputs: kind.sample,
  rows: kind.sampleRows,
  part: '',
  id: null,
});

function Open({
  job,
  view,
  draft,
  change,
  close,
}: {
  job: string;
  view: Schemas['WorkCardsView'];
  draft: Draft;
  change: (d: Draft) => void;
  close: () => void;
}) {
  const kind = view.kinds.find((k) => k.id === draft.kind);
  const tried = useTriedCard(job, useDeferredValue(draft));
  const keep = useKeepCard(job);
  const drop = useDropCard(job);
  if (!kind) return null;
  const refused = tried.error instanceof Refusal ? tried.error : keep.error instanceof Refusal ? keep.error : null;
  const field = (refused?.pointer ?? '').replace(/^\/(inputs\/)?/, '') || (tried.data?.errorField ?? '');
  const wrong = {
    field,
    text: refused ? `${refused.message} Accepted: ${refused.accepted}.` : (tried.data?.error ?? ''),
  };
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,400px) minmax(0,1fr)' },
        gap: 4,
        '@media print': { display: 'block' },
      }}
    >
      <Box className="no-print">
        <Heading>{kind.name}</Heading>
        <Asked kind={kind} draft={draft} change={change} wrong={wrong} parts={view.parts} />
        {refused && (
          <div role="alert">
            <Notice title={refused.message}>{refused.accepted && `Accepted: ${refused.accepted}.`}</Notice>
          </div>
        )}
        <Box sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap' }}>
          <Button
            variant="contained"
            disabled={keep.isPending || refused !== null}
            onClick={() => {
              keep.mutate(draft, { onSuccess: close });
            }}
          >
            Keep the card
          </Button>
          <Button
            onClick={() => {
              window.print();
            }}
          >
            Print it
          </Button>
          {draft.id && (
            <Button
              disabled={drop.isPending}
              onClick={() => {
                drop.mutate(draft.id ?? '', { onSuccess: close });
              }}
            >
              Throw it out
            </Button>
          )}
          <Button onClick={close}>Close</Button>
        </Box>
      </Box>
      <Box>
        <Box component="h1" sx={{ display: 'none', '@media print': { display: 'block', fontSize: 22 } }}>
          {draft.name}
        </Box>
        {tried.data && !refused ? <Worked card={tried.data} /> : tried.isPending && <Loading />}
      </Box>
    </Box>
  );
}

/** Work that is no plain coat: pours, baths, laminates, spray cans; each card one could work from. */
export function WorkCards() {
  const { job = '' } = useParams();
  const cards = useCards(job);
  const [search, setSearch] = useSearchParams();
  const [draft, setDraft] = useState<Draft | null>(null);
  if (cards.isPending) return <Loading />;
  if (cards.isError) return <Failed error={cards.error} />;
  const view = cards.data;
  const asked = view.cards.find((c) => c.id === search.get('card'));
  const open: Draft | null =
    draft ??
    (asked
      ? { kind: asked.kind, name: asked.name, inputs: asked.inputs, rows: asked.rows, part: asked.part, id: asked.id }
      : null);
  const close = () => {
    setDraft(null);
    setSearch({}, { replace: true });
  };
  return (
    <Box sx={{ p: { xs: 2, sm: 3 } }}>
      {open ? (
        <Open job={job} view={view} draft={open} change={setDraft} close={close} />
      ) : (
        <>
          <Title sub="pours, baths, laminates, spray cans">Work cards</Title>
          {view.cards.length === 0 && (
            <Notice tone="deep" title="No card yet">
              Begin one below; it comes filled with an example to change.
            </Notice>
          )}
          <Box
            component="ul"
            aria-label="Kept cards"
            sx={{
              p: 0,
              m: 0,
              listStyle: 'none',
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
              gap: 2,
            }}
          >
            {view.cards.map((c) => (
              <Box
                component="li"
                key={c.id}
                sx={{ borderLeft: `6px solid ${tok(c.error ? 'brass' : 'deep')}`, background: tok('sheet'), p: 2 }}
              >
                <Box sx={{ fontSize: 14, color: tok('ink2') }}>
                  {c.kindName}
                  {c.partName && ` · ${c.partName}`}
                </Box>
                <Box component="h2" sx={{ m: 0, fontSize: 19 }}>
                  {c.name}
                </Box>
                {c.error ? (
                  <Box sx={{ color: tok('brass'), fontWeight: 650 }}>{c.error}</Box>
                ) : (
                  <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', my: 1 }}>
                    {c.figures.slice(0, 4).map((f, i) => (
                      <Labelled key={i} label={f.label}>
                        <Box sx={{ fontSize: 20 }}>
                          <Fig v={f.value} label={f.label} />
                        </Box>
                      </Labelled>
                    ))}
                  </Box>
                )}
                <Button
                  onClick={() => {
                    setSearch({ card: c.id });
                  }}
                >
                  Open {c.name}
                </Button>
              </Box>
            ))}
          </Box>
          <Box component="section" aria-label="Begin a card" sx={{ mt: 4 }}>
            <Heading>Begin a card</Heading>
            <Box
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr)' },
                gap: 1.5,
              }}
            >
              {view.kinds.map((k) => (
                <Button
                  key={k.id}
                  onClick={() => {
                    setDraft(begun(k));
                  }}
                  sx={{ display: 'block', textAlign: 'left', py: 1.25 }}
                >
                  <Box sx={{ fontWeight: 700 }}>{k.name}</Box>
                  <Box sx={{ fontSize: 13.5, fontWeight: 400 }}>{k.hint}</Box>
                </Button>
              ))}
            </Box>
          </Box>
        </>
      )}
    </Box>
  );
}
