import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useDeferredValue } from 'react';
import { Refusal, type Schemas } from '../../api/client';
import { useDropCard, useKeepCard, useTriedCard } from '../../api/jobs';
import { Heading } from '../../parts/Headings';
import { Loading } from '../../parts/Waiting';
import { textSize } from '../../theme/tokens';
import { Asked } from './Asked';
import { type Draft } from './draft';
import { Worked } from './Worked';
import { Refused } from '../../parts/Refused';

export function OpenCard({
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
  const refused = [tried.error, keep.error].find((e) => e instanceof Refusal) ?? null;
  const field = (refused?.pointer ?? '').replace(/^\/(inputs\/)?/, '') || (tried.data?.errorField ?? '');
  const wrong = {
    field,
    text: refused?.said ?? tried.data?.error ?? '',
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
        {refused && <Refused error={refused} />}
        <Box sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap' }}>
          <Button
            variant="contained"
            disabled={keep.isPending || refused !== null}
            onClick={() => {
              keep.mutate(draft, { onSuccess: close });
            }}
          >
            <Trans>Keep the card</Trans>
          </Button>
          <Button
            onClick={() => {
              window.print();
            }}
          >
            <Trans>Print it</Trans>
          </Button>
          {draft.id && (
            <Button
              disabled={drop.isPending}
              onClick={() => {
                drop.mutate(draft.id, { onSuccess: close });
              }}
            >
              <Trans>Throw it out</Trans>
            </Button>
          )}
          <Button onClick={close}>
            <Trans>Close</Trans>
          </Button>
        </Box>
      </Box>
      <Box>
        <Box component="h1" sx={{ display: 'none', '@media print': { display: 'block', fontSize: textSize.title } }}>
          {draft.name}
        </Box>
        {tried.data && !refused ? <Worked card={tried.data} /> : tried.isPending && <Loading />}
      </Box>
    </Box>
  );
}
