import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { useRecord, useSurvey } from '../../api/parts';
import { Strata } from '../../figures/Strata';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { when } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';
import { Closing } from '../register/Closing';
import { kinds } from './kinds';
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
        <Title>No record yet</Title>
        <Notice title="What stands in the way">{view.obstacle}</Notice>
      </Box>
    );
  const done = view.steps.filter((s) => s.status === 'done').length;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 400px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 } }}>
        <Title sub={`${done} of ${view.steps.length} steps done`}>What was done</Title>
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
        {view.entries.length === 0 && (
          <Box sx={{ color: tok('ink2') }}>Nothing written yet. Begin with the first step of the route.</Box>
        )}
        <Box component="ol" aria-label="Record, newest first" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {view.entries.map((e) => (
            <Box
              component="li"
              key={e.id}
              sx={{
                borderTop: `1px solid ${tok('rule')}`,
                py: 1,
                display: 'grid',
                gridTemplateColumns: { xs: '1fr auto', sm: '150px 1fr auto' },
                gap: { xs: 0.5, sm: 2 },
                color: e.replaced || e.withdrawn ? tok('ink2') : tok('ink'),
              }}
            >
              <Box className="mono" sx={{ fontSize: textSize.m, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
                {when(e.at, view.now)}
              </Box>
              <Box>
                <Box sx={{ fontWeight: 600, textDecoration: e.replaced ? 'line-through' : 'none' }}>
                  {kinds[e.kind]} {e.stepName}
                  {e.withdrawn ? ' (did not happen)' : ''}
                </Box>
                <Box sx={{ fontSize: textSize.m }}>
                  {e.note}
                  {(e.used || e.film) && (
                    <Box component="span" className="mono">
                      {e.note ? ' · ' : ''}
                      {[e.used && `${e.used} used`, e.film && `${e.film} measured`].filter(Boolean).join(' · ')}
                    </Box>
                  )}
                  {e.temperature && (
                    <Box component="span" className="mono" sx={{ color: tok('ink2') }}>
                      {e.note ? ' · ' : ''}
                      {e.temperature} · {e.humidity}
                    </Box>
                  )}
                  {e.hand && (
                    <Box component="span" sx={{ color: tok('ink2') }}>
                      {' '}
                      · by {e.hand}
                    </Box>
                  )}
                  {e.replaced && ' · corrected, kept as written'}
                </Box>
                {e.changes.map((c) => (
                  <Box key={c} sx={{ fontSize: textSize.m }}>
                    {c}
                  </Box>
                ))}
              </Box>
              {!isClosed && !e.replaced && !e.withdrawn && e.kind !== 'correction' ? (
                <Button
                  size="small"
                  onClick={() => {
                    setCorrecting(e);
                    window.scrollTo({ top: 0 });
                  }}
                  aria-label={`Correct: ${kinds[e.kind] ?? ''} ${e.stepName}`}
                >
                  Correct
                </Button>
              ) : (
                <span />
              )}
            </Box>
          ))}
        </Box>
      </Box>
      <Box
        component="aside"
        aria-label="The surface now"
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        <Heading>The surface now</Heading>
        <Box sx={{ mb: 1 }}>{view.phaseWords}</Box>
        <Strata
          layers={view.layers}
          substrate={view.substrate}
          substrateHatch={view.substrateHatch}
          shown={view.layers.length}
          caption="as laid, replayed from the record"
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
