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
import { textSize, tok } from '../../theme/tokens';
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
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: 'minmax(300px, 400px) 1fr' },
        gap: 4,
        alignItems: 'start',
      }}
    >
      {card.can && card.cans ? (
        <Box>
          <Cans cans={card.cans} kind="epoxy" />
          <Box className="mono" sx={{ fontSize: textSize.huge, fontWeight: 600 }}>
            <Explained v={card.cans} label={t`Cans`} />
          </Box>
          <Box sx={{ color: tok('ink2') }}>
            <Trans>
              cans for this coat; one does <Explained v={card.can} label={t`Area of a can`} /> a coat
            </Trans>
          </Box>
        </Box>
      ) : (
        <MixAtScale card={card} by={by} tools={tools} scaleIsThere={scaleIsThere} />
      )}
      <Box sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap' }}>
          <Labelled label={card.can ? t`paint of this coat` : t`mix for this coat`}>
            <Box sx={{ fontSize: textSize.big }}>
              <Explained v={card.needed} label={t`Paint needed`} />
            </Box>
          </Labelled>
          {!card.can && (
            <Labelled label={t`batches`}>
              <Box sx={{ fontSize: textSize.big }}>
                <Explained v={card.batches} label={t`Batches`} />{' '}
                <Box component="span" sx={{ fontSize: textSize.xl }}>
                  <Trans>
                    of <Explained v={card.each} label={t`Each batch`} />
                  </Trans>
                </Box>
              </Box>
              <BatchPips card={card} />
            </Labelled>
          )}
          <Labelled label={t`wet film, by the comb`}>
            <Box sx={{ fontSize: textSize.big }}>
              <Explained v={card.wft} label={t`Wet film`} />
            </Box>
          </Labelled>
          <Labelled label={t`from the first stir`}>
            <Box sx={{ fontSize: textSize.big }}>
              <Explained v={card.coatTime} label={t`Time of the coat`} />
            </Box>
            {card.gap.value > 0 && (
              <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
                <Trans>
                  standstill <Explained v={card.gap} label={t`Standstill`} /> a batch
                </Trans>
              </Box>
            )}
          </Labelled>
        </Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, gap: 3 }}>
          <PotClock card={card} />
          {cover.data && <Cover cover={cover.data} />}
        </Box>
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
        <Box sx={{ fontSize: textSize.m, display: 'flex', gap: '4px 20px', flexWrap: 'wrap' }}>
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
        </Box>
        {card.warnings.map((w) => (
          <Notice key={w} tone="brass" title={w} />
        ))}
        {card.cautions.map((c) => (
          <Box key={c} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, fontSize: textSize.m }}>
            {c}
          </Box>
        ))}
        <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
          <Trans>Figures of {card.example}. Your tin’s label comes first.</Trans>
        </Box>
      </Box>
    </Box>
  );
}
