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
import { BatchPips, Cover, PotClock } from './MixClocks';
import { table } from './table';
import { Ratio } from './Ratio';

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
        {card.parts.length > 0 && !card.can && (
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
        )}
        <Row wrap size="m" sx={{ gap: '4px 20px' }}>
          <span>
            <Trans>dry film {card.dft.text}</Trans>
          </span>
          <span>
            <Trans>on {card.area.text}</Trans>
          </span>
          <span>
            <Trans>
              loss <Explained v={card.loss} label={t`Loss`} />
            </Trans>
          </span>
          <span>
            <Trans>
              covers <Explained v={card.coverage} label={t`Coverage`} />
            </Trans>
          </span>
          <span>
            <Trans>
              on the part <Explained v={card.theoretical} label={t`Theoretical`} />
            </Trans>
          </span>
          {card.passes && (
            <span>
              <Trans>
                <Explained v={card.passes} label={t`Passes`} /> passes over each spot
              </Trans>
              {card.pace && (
                <>
                  , <Explained v={card.pace} label={t`Pace`} />
                </>
              )}
            </span>
          )}
          {card.dose && (
            <span>
              <Trans>
                smallest part off by up to <Explained v={card.dose} label={t`Dose error`} />
              </Trans>
            </span>
          )}
          {card.smallest && (
            <span>
              <Trans>
                no batch under <Explained v={card.smallest} label={t`Least batch`} />
              </Trans>
            </span>
          )}
          <span>
            <Trans>
              waste <Explained v={card.waste} label={t`Waste`} />
            </Trans>
          </span>
        </Row>
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
