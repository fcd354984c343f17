import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';

export function Day({ day }: { day: Schemas['DayView'] }) {
  const list = { m: 0, pl: 2.25, '& li': { mb: 0.5 } };
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box>
        <Heading>
          <Trans>The next day of work</Trans>
        </Heading>
        <Box sx={{ color: tok('ink2') }}>
          <Trans>
            {day.actions} actions, <Explained v={day.handsOn} /> at the bench
          </Trans>
        </Box>
      </Box>
      {day.encounters.map((e) => (
        <Notice key={e.says + e.then} tone="lead" title={t`Stop: ${e.says}`}>
          <div>
            <Trans>
              {e.consequence} {e.first}; then {e.then}.
            </Trans>
          </div>
          {e.parting.length > 0 && (
            <div>
              <Trans>In between: {e.parting.join(', ').toLowerCase()}; or another place or day.</Trans>
            </div>
          )}
        </Notice>
      ))}
      {day.wear.length > 0 && (
        <Labelled label={t`Lay out to wear`}>
          <Box component="ul" sx={list}>
            {day.wear.map((w) => (
              <li key={w}>{w}</li>
            ))}
          </Box>
        </Labelled>
      )}
      {day.mind.length > 0 && (
        <Labelled label={t`Mind`}>
          {day.mind.map((m) => (
            <Box key={m} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, my: 0.75, fontSize: textSize.m }}>
              {m}
            </Box>
          ))}
        </Labelled>
      )}
      {day.local.map((l) => (
        <Labelled key={l.id} label={t`Here: ${l.name}`}>
          <Box sx={{ whiteSpace: 'pre-line' }}>{l.text}</Box>
        </Labelled>
      ))}
      {day.disposal.length > 0 && (
        <Labelled label={t`Waste`}>
          <Box component="ul" sx={list}>
            {day.disposal.map((d) => (
              <li key={d.where}>
                {d.where}
                <Box component="span" sx={{ display: 'block', fontSize: textSize.s, color: tok('ink2') }}>
                  <Trans>from: {d.from.slice(0, 4).join(', ')}</Trans>
                  {d.from.length > 4 ? ' …' : ''}
                </Box>
              </li>
            ))}
          </Box>
        </Labelled>
      )}
      <Labelled label={t`Solvent into the air`}>
        <span className="mono">{day.voc}</span>
        {day.vocWarning && <Box sx={{ color: tok('lead'), fontWeight: 650 }}>{day.vocWarning}</Box>}
      </Labelled>
      <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
        <Trans>Labels, safety data sheets and local codes come first.</Trans>{' '}
        <Box component={Link} to="/yard" sx={{ color: 'inherit' }}>
          <Trans>Write down the rules of your place</Trans>
        </Box>
        .
      </Box>
    </Box>
  );
}
