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
            <Explained v={card.cans} label="Cans" />
          </Box>
          <Box sx={{ color: tok('ink2') }}>
            cans for this coat; one does <Explained v={card.can} label="Area of a can" /> a coat
          </Box>
        </Box>
      ) : (
        <MixAtScale card={card} by={by} tools={tools} scaleIsThere={scaleIsThere} />
      )}
      <Box sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap' }}>
          <Labelled label={card.can ? 'paint of this coat' : 'mix for this coat'}>
            <Box sx={{ fontSize: textSize.big }}>
              <Explained v={card.needed} label="Paint needed" />
            </Box>
          </Labelled>
          {!card.can && (
            <Labelled label="batches">
              <Box sx={{ fontSize: textSize.big }}>
                <Explained v={card.batches} label="Batches" />{' '}
                <Box component="span" sx={{ fontSize: textSize.xl }}>
                  of <Explained v={card.each} label="Each batch" />
                </Box>
              </Box>
              <BatchPips card={card} />
            </Labelled>
          )}
          <Labelled label="wet film, by the comb">
            <Box sx={{ fontSize: textSize.big }}>
              <Explained v={card.wft} label="Wet film" />
            </Box>
          </Labelled>
          <Labelled label="from the first stir">
            <Box sx={{ fontSize: textSize.big }}>
              <Explained v={card.coatTime} label="Time of the coat" />
            </Box>
            {card.gap.value > 0 && (
              <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
                standstill <Explained v={card.gap} label="Standstill" /> a batch
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
                <th>a batch</th>
                <th>volume</th>
                <th>mass</th>
                <th>scale reads</th>
              </tr>
            </thead>
            <tbody>
              {card.parts.map((p) => (
                <tr key={p.name}>
                  <td>{p.name}</td>
                  <td>
                    <Explained v={p.volume} label={p.name} />
                  </td>
                  <td className="mono">{p.mass?.text ?? 'no density'}</td>
                  <td>{p.scale ? <Explained v={p.scale} label={`Scale after ${p.name}`} /> : ''}</td>
                </tr>
              ))}
            </tbody>
          </Box>
        )}
        <Box sx={{ fontSize: textSize.m, display: 'flex', gap: '4px 20px', flexWrap: 'wrap' }}>
          <span>dry film {card.dft.text}</span>
          <span>on {card.area.text}</span>
          <span>
            loss <Explained v={card.loss} label="Loss" />
          </span>
          <span>
            covers <Explained v={card.coverage} label="Coverage" />
          </span>
          <span>
            on the part <Explained v={card.theoretical} label="Theoretical" />
          </span>
          {card.passes && (
            <span>
              <Explained v={card.passes} label="Passes" /> passes over each spot
              {card.pace && (
                <>
                  , <Explained v={card.pace} label="Pace" />
                </>
              )}
            </span>
          )}
          {card.dose && (
            <span>
              smallest part off by up to <Explained v={card.dose} label="Dose error" />
            </span>
          )}
          {card.smallest && (
            <span>
              no batch under <Explained v={card.smallest} label="Least batch" />
            </span>
          )}
          <span>
            waste <Explained v={card.waste} label="Waste" />
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
          Figures of {card.example}. Your tin’s label comes first.
        </Box>
      </Box>
    </Box>
  );
}
