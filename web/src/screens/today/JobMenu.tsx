import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { lazy, Suspense, useState } from 'react';

const JobChoices = lazy(() => import('./JobChoices').then((m) => ({ default: m.JobChoices })));

/** What else can be done with a job or a part; the list is fetched when it is asked for. */
export function JobMenu({ of, choices }: { of: string; choices: [label: string, act: () => void][] }) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button
        size="small"
        aria-haspopup="menu"
        aria-label={t`More for ${of}`}
        onClick={(e) => {
          setAt(e.currentTarget);
        }}
        sx={{ minWidth: 44, minHeight: 44, border: 0 }}
      >
        <Trans>More</Trans>
      </Button>
      {at && (
        <Suspense fallback={null}>
          <JobChoices
            at={at}
            choices={choices}
            close={() => {
              setAt(null);
            }}
          />
        </Suspense>
      )}
    </>
  );
}
