import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, FormControlLabel, Radio, RadioGroup } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { tok } from '../../theme/tokens';

/** What may be wanted of the part: the likely one first, and for what cannot be had, why. */
export function Aims({ view, busy, pick }: { view: Schemas['FilmsView']; busy: boolean; pick: (aim: string) => void }) {
  return (
    <section aria-label={t`What is wanted`}>
      <Heading>
        <Trans>What is wanted?</Trans>
      </Heading>
      <RadioGroup
        aria-label={t`What is wanted of this part`}
        value={view.aims.find((a) => a.chosen)?.id ?? ''}
        onChange={(_, v) => {
          pick(v);
        }}
      >
        {view.aims.map((a) => {
          const open = a.whyNot === '';
          return (
            <FormControlLabel
              key={a.id}
              value={a.id}
              disabled={busy || !open}
              control={<Radio sx={{ pt: 0.25, pl: 0 }} />}
              sx={{ alignItems: 'flex-start', mx: 0, py: 0.75, borderTop: `1px solid ${tok('rule')}` }}
              label={
                <Text tone={open ? 'ink' : 'ink2'}>
                  <Text weight="strong">
                    {a.name}
                    {a.likely && (
                      <Text as="span" tone="zinc" sx={{ fontWeight: 450 }}>
                        {' '}
                        <Trans>· likely, by the survey</Trans>
                      </Text>
                    )}
                  </Text>
                  <Text size="s">{open ? a.hint : a.whyNot}</Text>
                </Text>
              }
            />
          );
        })}
      </RadioGroup>
      {view.aimPicked && (
        <Button
          size="small"
          disabled={busy}
          onClick={() => {
            pick('');
          }}
        >
          <Trans>Leave it to the survey</Trans>
        </Button>
      )}
    </section>
  );
}
