import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Explained } from '../../parts/Explained';
import { table } from './table';

/** A batch component by component: volume, mass, what the scale reads. */
export function BatchTable({ card }: { card: Schemas['CoatCard'] }) {
  return (
    <Box component="table" sx={table}>
      <thead>
        <tr>
          <th>
            <Trans>a batch</Trans>
          </th>
          <th>
            <Trans>volume</Trans>
          </th>
          <th>
            <Trans>mass</Trans>
          </th>
          <th>
            <Trans>scale reads</Trans>
          </th>
        </tr>
      </thead>
      <tbody>
        {card.parts.map((p) => (
          <tr key={p.name}>
            <td>{p.name}</td>
            <td>
              <Explained v={p.volume} label={p.name} />
            </td>
            <td className="mono">{p.mass?.text ?? t`no density`}</td>
            <td>{p.scale ? <Explained v={p.scale} label={t`Scale after ${p.name}`} /> : ''}</td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
