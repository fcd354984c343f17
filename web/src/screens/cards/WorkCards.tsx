import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { useCards } from '../../api/jobs';
import { Heading, Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { Explained } from '../../parts/Explained';
import { tok } from '../../theme/tokens';
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
    <Text roomy>
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
          <Columns as="ul" aria-label={t`Kept cards`} gap={2} cols={{ xs: '1fr', md: '1fr 1fr' }} plain>
            {view.cards.map((c) => (
              <Text as="li" key={c.id} sheet sx={{ borderLeft: `6px solid ${tok(c.error ? 'brass' : 'deep')}`, p: 2 }}>
                <Text size="m" tone="ink2">
                  {c.kindName}
                  {c.partName && ` · ${c.partName}`}
                </Text>
                <Text as="h2" size="title" sx={{ m: 0 }}>
                  {c.name}
                </Text>
                {c.error ? (
                  <Text tone="brass" weight="firm">
                    {c.error}
                  </Text>
                ) : (
                  <Row gap={3} wrap above={1} below={1}>
                    {c.figures.slice(0, 4).map((f, i) => (
                      <Labelled key={i} label={f.label}>
                        <Text size="title">
                          <Explained v={f.value} label={f.label} />
                        </Text>
                      </Labelled>
                    ))}
                  </Row>
                )}
                <Button
                  onClick={() => {
                    setSearch({ card: c.id });
                  }}
                >
                  <Trans>Open {c.name}</Trans>
                </Button>
              </Text>
            ))}
          </Columns>
          <Text as="section" aria-label={t`Begin a card`} above={4}>
            <Heading>
              <Trans>Begin a card</Trans>
            </Heading>
            <Columns gap={1.5} cols={{ xs: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr)' }}>
              {view.kinds.map((k) => (
                <Button
                  key={k.id}
                  onClick={() => {
                    setDraft(begun(k));
                  }}
                  sx={{ display: 'block', textAlign: 'left', py: 1.25 }}
                >
                  <Text weight="strong">{k.name}</Text>
                  <Text size="s" sx={{ fontWeight: 400 }}>
                    {k.hint}
                  </Text>
                </Button>
              ))}
            </Columns>
          </Text>
        </>
      )}
    </Text>
  );
}
