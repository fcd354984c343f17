import { Box } from '@mui/material';
import { Link } from 'react-router';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { textSize, tok } from '../../theme/tokens';
import { type Step } from './step';

export function Detail({ step }: { step: Step }) {
  return (
    <Box>
      <Heading>{step.name}</Heading>
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        {step.because && (
          <Notice tone="brass" title="Put in later">
            {step.because}
          </Notice>
        )}
        <Labelled label="Why it is here">{step.why}</Labelled>
        {step.without.length > 0 && (
          <Labelled label="Without it">
            <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
              {step.without.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </Box>
          </Labelled>
        )}
        <Labelled label="How">{step.how}</Labelled>
        <Labelled label="How it should look">{step.look}</Labelled>
        {step.accept && (
          <Labelled label="Accepted when">
            {step.accept}
            {step.onFail && <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>If not: {step.onFail}</Box>}
          </Labelled>
        )}
        {step.masks && (
          <Box>
            <Link to="../mask" relative="path">
              The masking plan: what is covered, with what, and how long
            </Link>
          </Box>
        )}
        {step.protect.length > 0 && <Labelled label="Wear">{step.protect.join(', ')}</Labelled>}
        {step.uses && <Labelled label="With">{step.uses}</Labelled>}
        {step.grits && <Labelled label="Grits">{step.grits}</Labelled>}
        {step.cautions.map((c) => (
          <Box key={c} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, fontSize: textSize.m }}>
            {c}
          </Box>
        ))}
        {step.local.map((l) => (
          <Box key={l} sx={{ borderLeft: `4px solid ${tok('deep')}`, pl: 1, fontSize: textSize.m }}>
            Here: {l}
          </Box>
        ))}
        {step.cautions.length > 0 && (
          <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
            Labels, safety data sheets and local codes come first.
          </Box>
        )}
      </Box>
    </Box>
  );
}
