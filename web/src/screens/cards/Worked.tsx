import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { WorkDrawing } from '../../figures/WorkDrawing';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Explained } from '../../parts/Explained';

export function Worked({ card }: { card: Schemas['WorkCardView'] }) {
  return (
    <Columns gap={2}>
      {card.error && (
        <div role="status">
          <Notice tone="brass" title={t`Not worked out yet`}>
            {card.error}
          </Notice>
        </div>
      )}
      {card.drawing && <WorkDrawing drawing={card.drawing} />}
      <Columns cols="repeat(auto-fill, minmax(150px, 1fr))" sx={{ gap: '10px 20px' }}>
        {card.figures.map((f, i) => (
          <Labelled key={f.label + String(i)} label={f.label}>
            <Box sx={{ fontSize: i < 2 ? 26 : 19 }}>
              <Explained v={f.value} label={f.label} />
            </Box>
          </Labelled>
        ))}
      </Columns>
      {card.steps.length > 0 && (
        <Box>
          <Heading>
            <Trans>In this order</Trans>
          </Heading>
          <Box component="ol" sx={{ m: 0, pl: 3, '& li': { pb: 0.75 } }}>
            {card.steps.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </Box>
        </Box>
      )}
      {card.warnings.map((w) => (
        <Notice key={w} tone="brass" title={w} />
      ))}
      {card.cautions.length > 0 && (
        <Labelled label={t`Mind`}>
          {card.cautions.map((c) => (
            <Text key={c} size="m" above={0.5} below={0.5} bar="brass">
              {c}
            </Text>
          ))}
        </Labelled>
      )}
      {card.wear.length > 0 && <Labelled label={t`Wear`}>{card.wear.join(', ')}</Labelled>}
      {card.figures.length > 0 && (
        <Text size="s" tone="ink2">
          <Trans>Typical figures unless yours are given. Labels, sheets and local codes come first.</Trans>
        </Text>
      )}
    </Columns>
  );
}
