import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { day } from '../../parts/time';
import { tok } from '../../theme/tokens';
import { Sale } from './Sale';

export function Orders({ job, view, csv }: { job: string; view: Schemas['QuantitiesView']; csv: string }) {
  return (
    <>
      <Heading>
        <Trans>To buy</Trans>
      </Heading>
      {view.orders.length === 0 && (
        <Text tone="ink2">
          <Trans>Nothing: the store covers it.</Trans>
        </Text>
      )}
      {view.orders.map((o) => (
        <Text key={o.seller} below={2}>
          <Row justify="space-between" weight="strong" sx={{ borderBottom: `2px solid ${tok('ink')}` }}>
            <span>{o.seller || t`Somewhere`}</span>
            <span className="mono">{o.price}</span>
          </Row>
          {o.here && (
            <Text size="s" tone="ink2">
              <Trans>ordered today, here on {day(o.here)}</Trans>
            </Text>
          )}
          <Text as="ul" size="m" sx={{ m: 0, pl: 2.25 }}>
            {o.lines.map((l) => (
              <li key={l}>{l}</li>
            ))}
          </Text>
        </Text>
      ))}
      <Button component="a" href={csv} download>
        <Trans>Write the list as CSV</Trans>
      </Button>
      {view.worth && (
        <Columns gap={0.75} above={2}>
          <Labelled label={t`The whole job from an empty shelf, materials`}>
            <span className="mono">{view.worth.material}</span>
          </Labelled>
          <Labelled label={t`Work`}>
            <Trans>
              <Explained v={view.worth.leastHours} label={t`At least`} /> to{' '}
              <Explained v={view.worth.mostHours} label={t`At most`} />
            </Trans>
          </Labelled>
          <Labelled label={t`Both together`}>
            <span className="mono">{view.worth.total}</span>
          </Labelled>
        </Columns>
      )}
      {view.worth && <Sale key={job} job={job} earnings={view.worth.earnings} />}
      {view.unmeasured.length > 0 && (
        <Text above={2}>
          <Labelled label={t`Needed too, by what is found`}>{view.unmeasured.join(', ')}</Labelled>
        </Text>
      )}
      {view.unrouted.length > 0 && (
        <Notice tone="brass" title={t`Not counted`}>
          <Trans>{view.unrouted.join(', ')}: no route yet.</Trans>
        </Notice>
      )}
    </>
  );
}
