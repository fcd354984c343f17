import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { type Step } from './step';

/** What the hands-on time is made of. */
function timeWords({ handsOn, setUp, working, workedOn }: Step): string {
  if (setUp.value <= 0) return workedOn ? t`${handsOn.text} of work on ${workedOn.text}` : handsOn.text;
  if (working.value <= 0) return t`${handsOn.text}, whatever its size`;
  return workedOn
    ? t`${handsOn.text}: ${setUp.text} to set up and clean up, ${working.text} of work on ${workedOn.text}`
    : t`${handsOn.text}: ${setUp.text} to set up and clean up, ${working.text} of work`;
}

export function Detail({ step }: { step: Step }) {
  return (
    <Box>
      <Heading>{step.name}</Heading>
      <Columns gap={1.25}>
        {step.because && (
          <Notice tone="brass" title={t`Put in later`}>
            {step.because}
          </Notice>
        )}
        <Labelled label={t`Why it is here`}>{step.why}</Labelled>
        {step.ifLeftOut.length > 0 && (
          <Labelled label={t`Without it`}>
            <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
              {step.ifLeftOut.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </Box>
          </Labelled>
        )}
        {step.handsOn.value > 0 && <Labelled label={t`Time`}>{timeWords(step)}</Labelled>}
        <Labelled label={t`How`}>{step.how}</Labelled>
        <Labelled label={t`How it should look`}>{step.look}</Labelled>
        {step.accept && (
          <Labelled label={t`Accepted when`}>
            {step.accept}
            {step.onFail && (
              <Text size="m" tone="ink2">
                <Trans>If not: {step.onFail}</Trans>
              </Text>
            )}
          </Labelled>
        )}
        {step.masks && (
          <Box>
            <Link to="../mask" relative="path">
              <Trans>The masking plan: what is covered, with what, and how long</Trans>
            </Link>
          </Box>
        )}
        {step.protect.length > 0 && <Labelled label={t`Wear`}>{step.protect.join(', ')}</Labelled>}
        {step.uses && <Labelled label={t`With`}>{step.uses}</Labelled>}
        {step.grits && <Labelled label={t`Grits`}>{step.grits}</Labelled>}
        {step.cautions.map((c) => (
          <Text key={c} size="m" bar="brass">
            {c}
          </Text>
        ))}
        {step.local.map((l) => (
          <Text key={l} size="m" bar="deep">
            <Trans>Here: {l}</Trans>
          </Text>
        ))}
        {step.cautions.length > 0 && (
          <Text size="s" tone="ink2">
            <Trans>Labels, safety data sheets and local codes come first.</Trans>
          </Text>
        )}
      </Columns>
    </Box>
  );
}
