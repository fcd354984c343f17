import { Columns, Row } from '../../theme/layout';
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
    <Columns
      gap={4}
      cols={{ xs: 'minmax(0,1fr)', md: 'minmax(0,400px) minmax(0,1fr)' }}
      sx={{ '@media print': { display: 'block' } }}
    >
      <Box className="no-print">
        <Heading>{kind.name}</Heading>
        <Asked kind={kind} draft={draft} change={change} wrong={wrong} parts={view.parts} />
        {refused && <Refused error={refused} />}
        <Row gap={1} wrap above={1.5}>
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
        </Row>
      </Box>
      <Box>
        <Box component="h1" sx={{ display: 'none', '@media print': { display: 'block', fontSize: textSize.title } }}>
          {draft.name}
        </Box>
        {tried.data && !refused ? <Worked card={tried.data} /> : tried.isPending && <Loading />}
      </Box>
    </Columns>
  );
}
