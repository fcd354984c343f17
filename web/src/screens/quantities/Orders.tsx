import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { day } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';

export function Orders({ view, csv }: { view: Schemas['QuantitiesView']; csv: string }) {
  return (
    <>
      <Heading>
        <Trans>To buy</Trans>
      </Heading>
      {view.orders.length === 0 && (
        <Box sx={{ color: tok('ink2') }}>
          <Trans>Nothing: the store covers it.</Trans>
        </Box>
      )}
      {view.orders.map((o) => (
        <Box key={o.seller} sx={{ mb: 2 }}>
          <Box
            sx={{
              display: 'flex',
              justifyContent: 'space-between',
              fontWeight: 700,
              borderBottom: `2px solid ${tok('ink')}`,
            }}
          >
            <span>{o.seller || t`Somewhere`}</span>
            <span className="mono">{o.price}</span>
          </Box>
          {o.here && (
            <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
              <Trans>ordered today, here on {day(o.here)}</Trans>
            </Box>
          )}
          <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: textSize.m }}>
            {o.lines.map((l) => (
              <li key={l}>{l}</li>
            ))}
          </Box>
        </Box>
      ))}
      <Button component="a" href={csv} download>
        <Trans>Write the list as CSV</Trans>
      </Button>
      {view.worth && (
        <Box sx={{ mt: 2, display: 'grid', gap: 0.75 }}>
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
        </Box>
      )}
      {view.unmeasured.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <Labelled label={t`Needed too, by what is found`}>{view.unmeasured.join(', ')}</Labelled>
        </Box>
      )}
      {view.without.length > 0 && (
        <Notice tone="brass" title={t`Not counted`}>
          <Trans>{view.without.join(', ')}: no route yet.</Trans>
        </Notice>
      )}
    </>
  );
}
