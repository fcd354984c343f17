import { Columns, Text } from '../../theme/layout';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { tok } from '../../theme/tokens';

/** Parts that nobody has begun: where each would begin. */
export function NotBegun({ cards }: { cards: Schemas['TodayCard'][] }) {
  return (
    <>
      {cards.length > 0 && (
        <Text above={2}>
          <Heading>
            <Trans>Not begun</Trans>
          </Heading>
          <Columns cols={{ xs: '1fr', sm: '1fr 1fr', md: '1fr 1fr 1fr' }} sx={{ columnGap: 2 }}>
            {cards.map((c) => (
              <Box
                key={c.partId}
                component={Link}
                to={`/part/${c.partId}/route`}
                sx={{
                  display: 'block',
                  minHeight: 44,
                  py: 0.75,
                  color: tok('ink'),
                  textDecoration: 'none',
                  borderTop: `1px solid ${tok('rule')}`,
                  '&:hover': { textDecoration: 'underline' },
                }}
              >
                <Text as="span" weight="firm">
                  {c.part}
                </Text>{' '}
                <Text as="span" size="m" tone="ink2">
                  {c.job} · {c.next || c.message}
                </Text>
              </Box>
            ))}
          </Columns>
        </Text>
      )}
    </>
  );
}
