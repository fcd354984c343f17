import { Aside, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { ShapeDrawing } from '../../figures/ShapeDrawing';
import { Explained } from '../../parts/Explained';
import { Worth } from './Worth';

/** The part as measured: its area, the chosen shape drawn, and where to go on. */
export function Measured({
  part,
  shapes,
  chosen,
  place,
}: {
  part: string;
  shapes: Schemas['SurveyView']['shapes'];
  chosen: number;
  place: Schemas['SurveyView']['places'][number] | undefined;
}) {
  const drawn = shapes.shapes[chosen];
  return (
    <Aside aria-label={t`The part as measured`} sx={{ order: { xs: -1, md: 0 } }}>
      <Box sx={{ position: { md: 'sticky' }, top: 16 }}>
        <Text size="m" tone="ink2">
          <Trans>Area to coat</Trans>
        </Text>
        <Text size="huge" below={1}>
          {shapes.total ? (
            <Explained v={shapes.total} />
          ) : (
            <span className="mono">
              <Trans>not measured</Trans>
            </span>
          )}
        </Text>
        {drawn && (
          <>
            <Text weight="firm">{drawn.name}</Text>
            <ShapeDrawing shape={drawn} label={drawn.name} />
          </>
        )}
        {place?.dewPoint && (
          <Text size="m" above={2}>
            <Trans>
              Dew point in the {place.name.toLowerCase()}: <Explained v={place.dewPoint} label={t`Dew point`} />
            </Trans>
          </Text>
        )}
        <Button component={Link} to="../route" relative="path" variant="contained" fullWidth sx={{ mt: 2 }}>
          <Trans>See the order of work</Trans>
        </Button>
        <Worth part={part} />
      </Box>
    </Aside>
  );
}
