import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Explained } from '../../parts/Explained';

/** The air of the place at this moment, and whether a film may go on in it. */
export function AirNow({ view }: { view: Schemas['WindowsView'] }) {
  return (
    <Box>
      <Heading>
        <Trans>The air now</Trans>
      </Heading>
      <Row gap={3} wrap>
        <Labelled label={view.place.name}>
          <span className="mono">
            {view.place.temperature} · {view.place.humidity}
          </span>
        </Labelled>
        <Labelled label={t`dew margin`}>
          <Text size="title">
            <Explained v={view.dewMargin} label={t`Dew margin`} />
          </Text>
        </Labelled>
      </Row>
      <Text size="m" tone="ink2">
        <Trans>
          {view.airSource}; from here on {view.air.source}
        </Trans>
      </Text>
      <Text tone={view.mayCoat ? 'zinc' : 'lead'} weight="strong" above={1}>
        {view.mayCoat ? t`A film may go on.` : t`No film in this air:`}
      </Text>
      {view.gateWarnings.map((w) => (
        <Text key={w} size="m">
          {w}
        </Text>
      ))}
    </Box>
  );
}
