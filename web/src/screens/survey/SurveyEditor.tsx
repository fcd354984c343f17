import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading, Title } from '../../parts/Headings';
import { QuantityField } from '../../parts/QuantityField';
import { Covers } from './Covers';
import { Findings } from './Findings';
import { Measured } from './Measured';
import { NotStored } from './NotStored';
import { Photos } from './Photos';
import { RoomTaken } from './RoomTaken';
import { ServiceAndPlace } from './ServiceAndPlace';
import { Shapes } from './Shapes';
import { Ties } from './Ties';
import { useStoredSurvey } from './useStoredSurvey';
import { given } from '../../parts/given';
import { NameAndMaterial } from './NameAndMaterial';

export function SurveyEditor({
  view: opened,
  catalogue,
}: {
  view: Schemas['SurveyView'];
  catalogue: Schemas['CatalogueView'];
}) {
  const { part = '' } = useParams();
  const { view, draft, set, shapes, places, state, refusal, leaving, leave } = useStoredSurvey(part, opened);
  const [chosen, setChosen] = useState(0);
  const said = refusal?.said ?? '';
  const at = (pointer: string): string | undefined => refusal?.at(pointer);
  /** What is wrong with a shape at a field that its kind does not have. */
  const strays = (index: number, fields: string[]): string[] =>
    refusal?.pointer.startsWith(`/part/shapes/${String(index)}/`) &&
    !fields.includes(refusal.pointer.split('/')[4] ?? '')
      ? [said]
      : [];
  const place = places.find((p) => p.id === draft.place.id);
  const occurs = (families: string[], id: string) =>
    families.length === 0 || families.some((f) => catalogue.substrates.find((s) => s.id === id)?.families.includes(f));
  /** What cannot occur on the new material is dropped with it, and so is a service it is not for. */
  const madeOf = (id: string) => {
    const suited = catalogue.services.filter((s) => s.substrates.includes(id));
    set({
      substrate: id,
      conditions: draft.conditions.filter((c) =>
        occurs(catalogue.conditions.find((x) => x.id === c.id)?.families ?? [], id),
      ),
      fields: {
        ...draft.fields,
        service: suited.some((s) => s.id === draft.fields.service)
          ? draft.fields.service
          : (suited[0]?.id ?? draft.fields.service),
      },
    });
  };

  return (
    <Columns cols={{ xs: '1fr', md: 'minmax(0,1fr) 372px' }}>
      <Columns gap={3} roomy sx={{ alignContent: 'start' }}>
        <Box>
          <Row gap={2} align="baseline" justify="space-between">
            <Title sub={t`Take in and judge`}>{draft.name || t`Unnamed part`}</Title>
            <Text role="status" size="m" tone={state === 'refused' ? 'lead' : 'ink2'} weight="firm">
              {given(state === 'saved', t`Stored`)
                .or(state === 'saving', t`Storing …`)
                .else(t`Not stored yet`)}
            </Text>
          </Row>
          <NameAndMaterial catalogue={catalogue} draft={draft} set={set} madeOf={madeOf} at={at} />
        </Box>

        <section aria-label={t`Conditions`}>
          <Heading>
            <Trans>How bad is it?</Trans>
          </Heading>
          <Findings
            conditions={catalogue.conditions.filter((c) => occurs(c.families, draft.substrate))}
            found={draft.conditions}
            change={(conditions) => {
              set({ conditions });
            }}
            extent={(f, index) => (
              <QuantityField
                label={t`of the area`}
                of="percentage"
                value={f.extent}
                error={at(`/part/conditions/${String(index)}/extent`)}
                pointer={`/part/conditions/${String(index)}/extent`}
                onChange={(v) => {
                  set({ conditions: draft.conditions.map((x) => (x.id === f.id ? { ...x, extent: v } : x)) });
                }}
              />
            )}
          />
        </section>

        <Shapes
          kinds={catalogue.shapes}
          shapes={draft.shapes}
          measured={shapes}
          chosen={chosen}
          choose={setChosen}
          change={(to) => {
            set({ shapes: to });
          }}
          error={at}
          strays={strays}
        />

        <ServiceAndPlace view={view} catalogue={catalogue} draft={draft} places={places} set={set} at={at} />

        <RoomTaken view={view} catalogue={catalogue} draft={draft} set={set} at={at} />

        <Covers view={view} catalogue={catalogue} draft={draft} set={set} at={at} />

        {view.siblings.length > 0 && <Ties view={view} catalogue={catalogue} draft={draft} set={set} at={at} />}

        <section aria-label={t`Photos`}>
          <Photos part={part} />
        </section>
      </Columns>

      {refusal && state === 'refused' && (
        <NotStored
          refusal={refusal}
          leaving={leaving}
          leave={() => {
            leave?.();
          }}
        />
      )}
      <Measured part={part} shapes={shapes} chosen={chosen} place={place} />
    </Columns>
  );
}
