import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Hanging } from './Hanging';

/** What of the weather the plan hangs on, place by place. */
export function PlanWeather({ view, choose }: { view: Schemas['PlanView']; choose: (id: string) => void }) {
  return (
    <Box component="section" aria-label={t`Weather that matters`}>
      <Heading>
        <Trans>Weather that matters</Trans>
      </Heading>
      {view.places.map((p) => (
        <Text key={p.name} size="m" ruled inset={0.75}>
          <b>{p.name}</b> <span className="mono">{p.air}</span>
          {p.matters.slice(0, 3).map((m) => (
            <Box key={m}>{m}</Box>
          ))}
          {p.matters.length === 0 && (
            <Text tone="zinc" weight="middle">
              <Trans>open to films for two days</Trans>
            </Text>
          )}
          {p.sun !== '' && <Text tone="ink2">{p.sun}</Text>}
        </Text>
      ))}
      <Text size="s" tone="ink2" above={0.5}>
        {view.places[0]?.source}
      </Text>
      <Hanging view={view} choose={choose} />
    </Box>
  );
}
