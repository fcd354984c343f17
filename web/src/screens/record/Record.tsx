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
import { textSize, tok } from '../../theme/tokens';
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
      <Box sx={{ p: 3, maxWidth: 720 }}>
        <Title>
          <Trans>No record yet</Trans>
        </Title>
        <Notice title={t`What stands in the way`}>{view.obstacle}</Notice>
      </Box>
    );
  const done = view.steps.filter((s) => s.status === 'done').length;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 400px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 } }}>
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
          <Box sx={{ color: tok('ink2') }}>
            <Trans>Nothing written yet. Begin with the first step of the route.</Trans>
          </Box>
        )}
        <Box component="ol" aria-label={t`Record, newest first`} sx={{ listStyle: 'none', p: 0, m: 0 }}>
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
        </Box>
      </Box>
      <Box
        component="aside"
        aria-label={t`The surface now`}
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        <Heading>
          <Trans>The surface now</Trans>
        </Heading>
        <Box sx={{ mb: 1 }}>{view.phaseWords}</Box>
        <Strata
          layers={view.layers}
          substrate={view.substrate}
          substrateHatch={view.substrateHatch}
          shown={view.layers.length}
          caption={t`as laid, replayed from the record`}
        />
        <Box component="ul" sx={{ p: 0, m: 0, mt: 2, listStyle: 'none' }}>
          {view.facts.map((f) => (
            <Box
              component="li"
              key={f.id}
              sx={{ display: 'flex', gap: 1, borderTop: `1px solid ${tok('rule')}`, py: 0.5, fontSize: textSize.m }}
            >
              <Box sx={{ width: 92, color: tok(f.kind === 'fault' || f.kind === 'hazard' ? 'lead' : 'ink2') }}>
                {f.kind}
              </Box>
              <Box sx={{ flex: 1 }}>{f.name}</Box>
              {f.level !== 1 && <span className="mono">{f.level}</span>}
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  );
}
