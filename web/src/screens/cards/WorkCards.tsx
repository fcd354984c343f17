import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { useCards } from '../../api/jobs';
import { Heading, Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';
import { OpenCard } from './OpenCard';
import { type Draft } from './draft';

const begun = (kind: Schemas['WorkKindView']): Draft => ({
  kind: kind.id,
  name: kind.name,
  inputs: kind.sample,
  rows: kind.sampleRows,
  part: '',
  id: '',
});

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
        <OpenCard job={job} view={view} draft={open} change={setDraft} close={close} />
      ) : (
        <>
          <Title sub={t`pours, baths, laminates, spray cans`}>
            <Trans>Work cards</Trans>
          </Title>
          {view.cards.length === 0 && (
            <Notice tone="deep" title={t`No card yet`}>
              <Trans>Begin one below; it comes filled with an example to change.</Trans>
            </Notice>
          )}
          <Box
            component="ul"
            aria-label={t`Kept cards`}
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
                <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
                  {c.kindName}
                  {c.partName && ` · ${c.partName}`}
                </Box>
                <Box component="h2" sx={{ m: 0, fontSize: textSize.title }}>
                  {c.name}
                </Box>
                {c.error ? (
                  <Box sx={{ color: tok('brass'), fontWeight: 650 }}>{c.error}</Box>
                ) : (
                  <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', my: 1 }}>
                    {c.figures.slice(0, 4).map((f, i) => (
                      <Labelled key={i} label={f.label}>
                        <Box sx={{ fontSize: textSize.title }}>
                          <Explained v={f.value} label={f.label} />
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
                  <Trans>Open {c.name}</Trans>
                </Button>
              </Box>
            ))}
          </Box>
          <Box component="section" aria-label={t`Begin a card`} sx={{ mt: 4 }}>
            <Heading>
              <Trans>Begin a card</Trans>
            </Heading>
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
                  <Box sx={{ fontSize: textSize.s, fontWeight: 400 }}>{k.hint}</Box>
                </Button>
              ))}
            </Box>
          </Box>
        </>
      )}
    </Box>
  );
}
