import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useCatalogue } from '../../api/catalogue';
import { type Schemas } from '../../api/client';
import { useWithout } from '../../api/jobs';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';

/** What of gear, skills and products this job does without. */
const toggles = { '& .MuiToggleButton-root': { justifyContent: 'flex-start', textAlign: 'left' } } as const;

export function DoneWithout({
  view,
  ways,
  part,
  job,
}: {
  view: Schemas['RouteView'];
  ways: Schemas['AlternativesView'] | undefined;
  part: string;
  job: string;
}) {
  const catalogue = useCatalogue();
  const without = useWithout(job, part);
  return (
    <>
      <Heading>
        <Trans>What you do without here</Trans>
      </Heading>
      {ways && ways.otherwise.length > 0 && (
        <Notice tone="brass" title={t`With everything at hand: ${ways.otherwiseSystem}`}>
          {ways.otherwise
            .filter((s) => !view.steps.some((x) => x.name === s))
            .slice(0, 6)
            .join(', ')}
        </Notice>
      )}
      <ToggleButtonGroup
        value={ways?.without ?? []}
        onChange={(_, v: string[]) => {
          without.mutate(v);
        }}
        aria-label={t`Gear, skills and products you do without on this job`}
        sx={{ ...toggles, flexWrap: 'wrap' }}
        disabled={without.isPending || !ways}
      >
        {catalogue.data?.limits.map((l) => (
          <ToggleButton key={l.id} value={l.id} title={l.hint} sx={{ minHeight: 44, px: 1.25 }}>
            <Trans>no {l.name}</Trans>
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </>
  );
}
