import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { Link, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { fresh, type Draft } from './draft';

export function Untagged({ view, write }: { view: Schemas['RegisterView']; write: (draft: Draft) => void }) {
  if (view.untagged.length === 0) return null;
  return (
    <Text below={2}>
      <Text size="m" tone="ink2">
        <Trans>Comes off by its ties, and has no tag yet:</Trans>
      </Text>
      <Row gap={1} wrap above={0.5}>
        {view.untagged.map((u) => (
          <Button
            key={u.itself}
            size="small"
            onClick={() => {
              write(fresh('off', u.part, u));
            }}
          >
            <Trans>
              {u.name} off {u.partName}
            </Trans>
          </Button>
        ))}
      </Row>
    </Text>
  );
}

/** What can be done with it: write a tag, turn it round, print its labels. */
export function Doing({
  view,
  together,
  write,
}: {
  view: Schemas['RegisterView'];
  together: boolean;
  write: (draft: Draft) => void;
}) {
  const [, ask] = useSearchParams();
  const first = view.parts[0]?.id ?? '';
  return (
    <>
      <Row gap={1} wrap below={2} sx={{ '@media print': { display: 'none' } }}>
        <Button
          variant="contained"
          onClick={() => {
            write(fresh('off', first));
          }}
        >
          <Trans>Something came off</Trans>
        </Button>
        <Button
          onClick={() => {
            write(fresh('in', first));
          }}
        >
          <Trans>Something was put in</Trans>
        </Button>
        {view.tags.length > 0 && (
          <>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={together ? 'together' : 'apart'}
              aria-label={t`Which way the register is read`}
              onChange={(_, way: string | null) => {
                if (way) ask(way === 'together' ? { way } : {}, { replace: true });
              }}
              sx={{ ml: { sm: 'auto' } }}
            >
              <ToggleButton value="apart">
                <Trans>Taking apart</Trans>
              </ToggleButton>
              <ToggleButton value="together">
                <Trans>Putting together</Trans>
              </ToggleButton>
            </ToggleButtonGroup>
            <Button component={Link} to={`/job/${view.jobId}/labels`}>
              <Trans>Labels</Trans>
            </Button>
          </>
        )}
      </Row>
      <Untagged view={view} write={write} />
    </>
  );
}
