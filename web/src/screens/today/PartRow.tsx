import { StepsDone } from '../../parts/StepsDone';
import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { tok } from '../../theme/tokens';
import { JobMenu } from './JobMenu';

/** A part of a job: how far it is, and what can be done with it. */
export function PartRow({
  p,
  job,
  copy,
  remove,
}: {
  p: Schemas['PartLine'];
  job: string;
  copy: () => void;
  remove: () => void;
}) {
  return (
    <Row gap={1} align="center">
      <Box
        component={Link}
        to={`/part/${p.id}/survey`}
        sx={{
          flex: 1,
          display: 'flex',
          minHeight: 44,
          flexDirection: { xs: 'column', sm: 'row' },
          alignItems: { xs: 'start', sm: 'center' },
          py: { xs: 0.5, sm: 0 },
          gap: { xs: 0, sm: 1.5 },
          color: tok('ink'),
          textDecoration: 'none',
          '&:hover': { textDecoration: 'underline' },
        }}
      >
        <span>{p.name}</span>
        <Text as="span" size="m" tone="ink2">
          <StepsDone part={p} />
        </Text>
      </Box>
      <JobMenu
        of={t`${p.name} of ${job}`}
        choices={[
          [t`Another like this`, copy],
          [t`Remove this part`, remove],
        ]}
      />
    </Row>
  );
}
