import { Aside, Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { useRecord, useSurvey } from '../../api/parts';
import { Strata } from '../../figures/Strata';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { Closing } from '../register/Closing';
import { Entry } from './Entry';
import { Unharmed } from './Unharmed';
import { Writer } from './Writer';

export function Record() {
  const { part = '' } = useParams();
  const record = useRecord(part);
  const isClosed = Boolean(useSurvey(part).data?.jobClosed);
  const [correcting, setCorrecting] = useState<Schemas['EntryView'] | null>(null);
  if (record.isPending) return <Loading />;
  if (record.isError) return <Failed error={record.error} />;
  const view = record.data;
  if (view.obstacle)
    return (
      <Text widest={720} sx={{ p: 3 }}>
        <Title>
          <Trans>No record yet</Trans>
        </Title>
        <Notice title={t`What stands in the way`}>{view.obstacle}</Notice>
      </Text>
    );
  const done = view.steps.filter((s) => s.status === 'done').length;
  return (
    <Columns cols={{ xs: '1fr', md: 'minmax(0,1fr) 400px' }}>
      <Text roomy>
        <Title sub={t`${done} of ${view.steps.length} steps done`}>
          <Trans>What was done</Trans>
        </Title>
        {!isClosed && (
          <Writer
            key={correcting?.id ?? 'new'}
            view={view}
            correcting={correcting}
            done={() => {
              setCorrecting(null);
            }}
          />
        )}
        <Closing job={view.jobId} says={view.closing} />
        {view.findings.map((f, i) => (
          <Notice key={i} title={`${f.stepName}: ${f.says}`}>
            {f.consequence}
          </Notice>
        ))}
        {view.marked && !isClosed && <Unharmed part={part} />}
        {view.entries.length === 0 && (
          <Text tone="ink2">
            <Trans>Nothing written yet. Begin with the first step of the route.</Trans>
          </Text>
        )}
        <Text as="ol" aria-label={t`Record, newest first`} plain>
          {view.entries.map((e) => (
            <Entry
              key={e.id}
              entry={e}
              now={view.now}
              correct={
                isClosed
                  ? null
                  : () => {
                      setCorrecting(e);
                      window.scrollTo({ top: 0 });
                    }
              }
            />
          ))}
        </Text>
      </Text>
      <Aside aria-label={t`The surface now`}>
        <Heading>
          <Trans>The surface now</Trans>
        </Heading>
        <Text below={1}>{view.phaseWords}</Text>
        <Strata
          layers={view.layers}
          substrate={view.substrate}
          substrateHatch={view.substrateHatch}
          shown={view.layers.length}
          caption={t`as laid, replayed from the record`}
        />
        <Text as="ul" plain above={2}>
          {view.facts.map((f) => (
            <Row as="li" key={f.id} gap={1} size="m" ruled inset={0.5}>
              <Text tone={f.kind === 'fault' || f.kind === 'hazard' ? 'lead' : 'ink2'} sx={{ width: 92 }}>
                {f.kind}
              </Text>
              <Box sx={{ flex: 1 }}>{f.name}</Box>
              {f.level !== 1 && <span className="mono">{f.level}</span>}
            </Row>
          ))}
        </Text>
      </Aside>
    </Columns>
  );
}
