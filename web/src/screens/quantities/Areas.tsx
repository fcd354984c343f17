import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { AreaBar } from '../../figures/AreaBar';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';

export function Areas({ view }: { view: Schemas['QuantitiesView'] }) {
  return (
    <Text as="section" aria-label={t`Areas`} above={4}>
      <Heading>
        <Trans>
          Areas: <Explained v={view.area} />
        </Trans>
        {view.notCoated.value > 0 && (
          <Text as="span" tone="ink2" sx={{ fontWeight: 500 }}>
            {' '}
            <Trans>and {view.notCoated.text} not coated</Trans>
          </Text>
        )}
      </Heading>
      {view.areas.map((line) => (
        <Columns
          key={line.partId}
          align="center"
          cols={{ xs: '1fr auto', sm: '170px minmax(0,1fr) 90px' }}
          ruled
          inset={0.75}
          sx={{ gap: '2px 14px' }}
        >
          <Text weight="firm">{line.name}</Text>
          <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' }, gridRow: { xs: 2, sm: 'auto' } }}>
            <AreaBar line={line} />
          </Box>
          <Box sx={{ textAlign: 'right' }}>
            <Explained v={line.area} label={line.name} />
          </Box>
          <Text size="s" tone="ink2" sx={{ gridColumn: { xs: '1 / -1', sm: '2 / -1' } }}>
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
          </Text>
        </Columns>
      ))}
    </Text>
  );
}
