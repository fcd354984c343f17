import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { useWorth } from '../../api/ways';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Explained } from '../../parts/Explained';

/** Before the work begins: what it will take, as a range, and whether that is worth it. */
export function Worth({ part }: { part: string }) {
  const worth = useWorth(part);
  const w = worth.data;
  if (!w) return null;
  return (
    <Text above={3}>
      <Heading>
        <Trans>Is it worth it?</Trans>
      </Heading>
      {w.total === '' ? (
        <Text tone="ink2">{w.verdict}</Text>
      ) : (
        <Columns gap={1}>
          <Labelled label={t`Work`}>
            <Text size="title">
              <Trans>
                <Explained v={w.leastHours} label={t`At least`} /> to <Explained v={w.mostHours} label={t`At most`} />
              </Trans>
            </Text>
          </Labelled>
          <Labelled label={t`Materials`}>
            <span className="mono">{w.material}</span>
          </Labelled>
          <Labelled label={t`Both together`}>
            <Text className="mono" size="title" weight="middle">
              {w.total}
            </Text>
          </Labelled>
          <Labelled label={t`For a year of protection`}>
            <span className="mono">{w.perYear}</span>
          </Labelled>
          {w.verdict && <Text weight="strong">{w.verdict.charAt(0).toUpperCase() + w.verdict.slice(1)}.</Text>}
          <Text size="s" tone="ink2">
            <Trans>{w.rests} An estimate from typical times and prices.</Trans>{' '}
            <Box component={Link} to="/yard" sx={{ color: 'inherit' }}>
              <Trans>The yard's figures</Trans>
            </Box>
          </Text>
        </Columns>
      )}
    </Text>
  );
}
