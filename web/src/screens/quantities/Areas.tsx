import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { AreaBar } from '../../figures/AreaBar';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';

export function Areas({ view }: { view: Schemas['QuantitiesView'] }) {
  return (
    <Box component="section" aria-label={t`Areas`} sx={{ mt: 4 }}>
      <Heading>
        <Trans>
          Areas: <Explained v={view.area} />
        </Trans>
        {view.notCoated.value > 0 && (
          <Box component="span" sx={{ color: tok('ink2'), fontWeight: 500 }}>
            {' '}
            <Trans>and {view.notCoated.text} not coated</Trans>
          </Box>
        )}
      </Heading>
      {view.areas.map((line) => (
        <Box
          key={line.partId}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr auto', sm: '170px minmax(0,1fr) 90px' },
            gap: '2px 14px',
            alignItems: 'center',
            borderTop: `1px solid ${tok('rule')}`,
            py: 0.75,
          }}
        >
          <Box sx={{ fontWeight: 650 }}>{line.name}</Box>
          <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' }, gridRow: { xs: 2, sm: 'auto' } }}>
            <AreaBar line={line} />
          </Box>
          <Box sx={{ textAlign: 'right' }}>
            <Explained v={line.area} label={line.name} />
          </Box>
          <Box sx={{ gridColumn: { xs: '1 / -1', sm: '2 / -1' }, fontSize: textSize.s, color: tok('ink2') }}>
            {line.shapes.length === 0
              ? t`not measured yet`
              : line.shapes
                  .map((s) =>
                    [
                      `${s.name} ${s.area.text}${s.estimate ? t` (rule of thumb)` : ''}`,
                      ...(s.notCoated.value > 0 ? [t`less ${s.notCoated.text} not coated`] : []),
                    ].join(', '),
                  )
                  .join(' · ')}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
