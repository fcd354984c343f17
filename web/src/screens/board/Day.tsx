import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Explained } from '../../parts/Explained';

export function Day({ day }: { day: Schemas['DayView'] }) {
  const list = { m: 0, pl: 2.25, '& li': { mb: 0.5 } };
  return (
    <Columns gap={2}>
      <Box>
        <Heading>
          <Trans>The next day of work</Trans>
        </Heading>
        <Text tone="ink2">
          <Trans>
            {day.actions} actions, <Explained v={day.handsOn} /> at the bench
          </Trans>
        </Text>
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
            <Text key={m} size="m" above={0.75} below={0.75} bar="brass">
              {m}
            </Text>
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
                <Text as="span" size="s" tone="ink2" sx={{ display: 'block' }}>
                  <Trans>from: {d.from.slice(0, 4).join(', ')}</Trans>
                  {d.from.length > 4 ? ' …' : ''}
                </Text>
              </li>
            ))}
          </Box>
        </Labelled>
      )}
      <Labelled label={t`Solvent into the air`}>
        <span className="mono">{day.voc}</span>
        {day.vocWarning && (
          <Text tone="lead" weight="firm">
            {day.vocWarning}
          </Text>
        )}
      </Labelled>
      <Text size="s" tone="ink2">
        <Trans>Labels, safety data sheets and local codes come first.</Trans>{' '}
        <Box component={Link} to="/yard" sx={{ color: 'inherit' }}>
          <Trans>Write down the rules of your place</Trans>
        </Box>
        .
      </Text>
    </Columns>
  );
}
