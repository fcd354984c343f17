import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';
import { given } from '../../parts/given';

/** The hours of every film of the part in the air of its place. */
export function FilmHours({ cards }: { cards: Schemas['CoatCard'][] }) {
  return (
    <>
      {cards.length > 0 && (
        <Text above={3} sx={{ overflowX: 'auto' }}>
          <Heading>
            <Trans>Hours of every film in this place</Trans>
          </Heading>
          <Box
            component="table"
            sx={{
              borderCollapse: 'collapse',
              minWidth: 560,
              width: '100%',
              '& th, & td': { textAlign: 'left', borderBottom: `1px solid ${tok('rule')}`, py: 0.75, pr: 2 },
              '& th': { fontSize: textSize.s, color: tok('ink2'), fontWeight: 500 },
            }}
          >
            <thead>
              <tr>
                <th>
                  <Trans>coat</Trans>
                </th>
                <th>
                  <Trans>touch dry</Trans>
                </th>
                <th>
                  <Trans>recoat from</Trans>
                </th>
                <th>
                  <Trans>recoat until</Trans>
                </th>
                <th>
                  <Trans>full cure</Trans>
                </th>
                <th>
                  <Trans>dew margin</Trans>
                </th>
              </tr>
            </thead>
            <tbody>
              {cards.map((c) => (
                <tr key={c.stepKey}>
                  <td>
                    {c.status === 'done' ? '✓ ' : ''}
                    <Trans>
                      {c.name}, coat {c.coat}
                    </Trans>
                  </td>
                  {[c.touch, c.recoatMin, c.recoatMax, c.full].map((v, i) => (
                    <td key={i}>{v ? <Explained v={v} /> : given(i === 2, t`no limit`).else(t`not curing`)}</td>
                  ))}
                  <td>
                    <Explained v={c.dewMargin} label={t`Dew margin`} />
                  </td>
                </tr>
              ))}
            </tbody>
          </Box>
        </Text>
      )}
    </>
  );
}
