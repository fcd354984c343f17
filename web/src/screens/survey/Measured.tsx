import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { ShapeDrawing } from '../../figures/ShapeDrawing';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';
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
    <Box
      component="aside"
      aria-label={t`The part as measured`}
      sx={{
        p: { xs: 2, sm: 3 },
        background: tok('sheet'),
        borderLeft: { md: `1px solid ${tok('rule')}` },
        order: { xs: -1, md: 0 },
      }}
    >
      <Box sx={{ position: { md: 'sticky' }, top: 16 }}>
        <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
          <Trans>Area to coat</Trans>
        </Box>
        <Box sx={{ fontSize: textSize.huge, mb: 1 }}>
          {shapes.total ? (
            <Explained v={shapes.total} />
          ) : (
            <span className="mono">
              <Trans>not measured</Trans>
            </span>
          )}
        </Box>
        {drawn && (
          <>
            <Box sx={{ fontWeight: 650 }}>{drawn.name}</Box>
            <ShapeDrawing shape={drawn} label={drawn.name} />
            <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
              <Trans>Section to scale, length drawn short.</Trans>
            </Box>
          </>
        )}
        {place?.dewPoint && (
          <Box sx={{ mt: 2, fontSize: textSize.m }}>
            <Trans>
              Dew point in the {place.name.toLowerCase()}: <Explained v={place.dewPoint} label={t`Dew point`} />
            </Trans>
          </Box>
        )}
        <Button component={Link} to="../route" relative="path" variant="contained" fullWidth sx={{ mt: 2 }}>
          <Trans>See the order of work</Trans>
        </Button>
        <Worth part={part} />
      </Box>
    </Box>
  );
}
