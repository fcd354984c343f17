import { Text } from '../../theme/layout';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import type { Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';
import { table } from './table';

/** All coats of the part, one line each. */
export function AllCoats({ coats }: { coats: Schemas['CoatCard'][] }) {
  return (
    <Text above={4} sx={{ overflowX: 'auto' }}>
      <Heading>
        <Trans>All coats</Trans>
      </Heading>
      <Box component="table" sx={{ ...table, minWidth: 520 }}>
        <thead>
          <tr>
            <th>
              <Trans>coat</Trans>
            </th>
            <th>
              <Trans>dry film</Trans>
            </th>
            <th>
              <Trans>wet film</Trans>
            </th>
            <th>
              <Trans>to mix</Trans>
            </th>
            <th>
              <Trans>batches</Trans>
            </th>
          </tr>
        </thead>
        <tbody>
          {coats.map((c) => (
            <tr key={c.stepKey}>
              <td>
                <Trans>
                  {c.name}, coat {c.coat}
                </Trans>
              </td>
              <td className="mono">{c.dft.text}</td>
              <td>
                <Explained v={c.wft} />
              </td>
              <td>
                <Explained v={c.needed} />
              </td>
              <td>
                <Explained v={c.batches} />
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Text>
  );
}
