import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { type Tools } from '../../api/keys';
import { useCover } from '../../api/parts';
import { Cans } from '../../figures/Cans';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Explained } from '../../parts/Explained';
import { MixAtScale } from './MixAtScale';
import { PotClock } from './MixClocks';
import { BatchPips, Cover } from './MixCover';
import { Ratio } from './Ratio';
import { MoreFigures } from './MoreFigures';
import { BatchTable } from './BatchTable';

export function CoatMix({
  card,
  by,
  tools,
  scaleIsThere,
}: {
  card: Schemas['CoatCard'];
  by: 'scale' | 'volume';
  tools: Tools;
  scaleIsThere: boolean;
}) {
  const { part = '' } = useParams();
  const cover = useCover(part, card.stepKey);
  return (
    <Columns gap={4} align="start" cols={{ xs: '1fr', md: 'minmax(300px, 400px) 1fr' }}>
      {card.can && card.cans ? (
        <Box>
          <Cans cans={card.cans} kind="epoxy" />
          <Text className="mono" size="huge" weight="middle">
            <Explained v={card.cans} label={t`Cans`} />
          </Text>
          <Text tone="ink2">
            <Trans>
              cans for this coat; one does <Explained v={card.can} label={t`Area of a can`} /> a coat
            </Trans>
          </Text>
        </Box>
      ) : (
        <MixAtScale card={card} by={by} tools={tools} scaleIsThere={scaleIsThere} />
      )}
      <Columns gap={2}>
        <Row gap={4} wrap>
          <Labelled label={card.can ? t`paint of this coat` : t`mix for this coat`}>
            <Text size="big">
              <Explained v={card.needed} label={t`Paint needed`} />
            </Text>
          </Labelled>
          {!card.can && (
            <Labelled label={t`batches`}>
              <Text size="big">
                <Explained v={card.batches} label={t`Batches`} />{' '}
                <Text as="span" size="xl">
                  <Trans>
                    of <Explained v={card.each} label={t`Each batch`} />
                  </Trans>
                </Text>
              </Text>
              <BatchPips card={card} />
            </Labelled>
          )}
          <Labelled label={t`wet film, by the comb`}>
            <Text size="big">
              <Explained v={card.wft} label={t`Wet film`} />
            </Text>
          </Labelled>
          <Labelled label={t`from the first stir`}>
            <Text size="big">
              <Explained v={card.coatTime} label={t`Time of the coat`} />
            </Text>
            {card.gap.value > 0 && (
              <Text size="s" tone="ink2">
                <Trans>
                  standstill <Explained v={card.gap} label={t`Standstill`} /> a batch
                </Trans>
              </Text>
            )}
          </Labelled>
        </Row>
        <Columns gap={3} cols={{ xs: '1fr', lg: '1fr 1fr' }}>
          <PotClock card={card} />
          {cover.data && <Cover cover={cover.data} />}
        </Columns>
        <Ratio card={card} />
        {card.parts.length > 0 && !card.can && <BatchTable card={card} />}
        <MoreFigures card={card} />
        {card.warnings.map((w) => (
          <Notice key={w} tone="brass" title={w} />
        ))}
        {card.cautions.map((c) => (
          <Text key={c} size="m" bar="brass">
            {c}
          </Text>
        ))}
        <Text size="s" tone="ink2">
          <Trans>Figures of {card.example}. Your tin’s label comes first.</Trans>
        </Text>
      </Columns>
    </Columns>
  );
}
