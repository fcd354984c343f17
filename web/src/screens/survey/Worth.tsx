import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { useWorth } from '../../api/parts';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';

/** Before the work begins: what it will take, as a range, and whether that is worth it. */
export function Worth({ part }: { part: string }) {
  const worth = useWorth(part);
  const w = worth.data;
  if (!w) return null;
  return (
    <Box sx={{ mt: 3 }}>
      <Heading>
        <Trans>Is it worth it?</Trans>
      </Heading>
      {w.total === '' ? (
        <Box sx={{ color: tok('ink2') }}>{w.verdict}</Box>
      ) : (
        <Box sx={{ display: 'grid', gap: 1 }}>
          <Labelled label={t`Work`}>
            <Box sx={{ fontSize: textSize.title }}>
              <Trans>
                <Explained v={w.leastHours} label={t`At least`} /> to <Explained v={w.mostHours} label={t`At most`} />
              </Trans>
            </Box>
          </Labelled>
          <Labelled label={t`Materials`}>
            <span className="mono">{w.material}</span>
          </Labelled>
          <Labelled label={t`Both together`}>
            <Box className="mono" sx={{ fontSize: textSize.title, fontWeight: 600 }}>
              {w.total}
            </Box>
          </Labelled>
          <Labelled label={t`For a year of protection`}>
            <span className="mono">{w.perYear}</span>
          </Labelled>
          {w.verdict && <Box sx={{ fontWeight: 700 }}>{w.verdict.charAt(0).toUpperCase() + w.verdict.slice(1)}.</Box>}
          <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
            <Trans>{w.rests} An estimate from typical times and prices.</Trans>{' '}
            <Box component={Link} to="/yard" sx={{ color: 'inherit' }}>
              <Trans>The yard's figures</Trans>
            </Box>
          </Box>
        </Box>
      )}
    </Box>
  );
}
