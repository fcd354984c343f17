import { Box, FormControlLabel, Switch, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../api/client';
import { useCover, useMix, type Tools } from '../api/hooks';
import { Cans } from '../figures/Cans';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { QuantityField } from '../parts/QuantityField';
import { tok } from '../theme/tokens';
import { MixAtScale } from './MixAtScale';
import { BatchPips, Cover, PotClock } from './MixClocks';

const table = {
  borderCollapse: 'collapse',
  '& th, & td': { textAlign: 'left', borderBottom: `1px solid ${tok('rule')}`, py: 0.75, pr: 2 },
  '& th': { fontSize: 13.5, color: tok('ink2'), fontWeight: 500 },
};

function Ratio({ card }: { card: Schemas['CoatCard'] }) {
  if (!card.mixed && card.parts.length < 2) return null;
  const said = (measure: 'volume' | 'mass', text: string) => (
    <Box
      sx={{ borderLeft: `3px solid ${tok(card.stated === measure || card.stated === 'both' ? 'ink' : 'phos')}`, pl: 1 }}
    >
      <Box sx={{ fontSize: 13, color: tok('ink2') }}>
        by {measure}
        {card.stated === measure || card.stated === 'both'
          ? ', as the sheet states'
          : text
            ? ', from the densities'
            : ''}
      </Box>
      <Box className="mono" sx={{ fontSize: 18, fontWeight: 600 }}>
        {text ? text.replace(` by ${measure}`, '') : 'not known'}
      </Box>
    </Box>
  );
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 3 }}>
        {said('volume', card.byVolume)}
        {said('mass', card.byMass)}
      </Box>
      {card.missing.length > 0 && (
        <Notice tone="brass" title={`Only the ratio by ${card.stated} is known`}>
          For the other the sheet would have to give: {card.missing.join(', ')}. The two are not the same; do not swap
          them.
        </Notice>
      )}
    </Box>
  );
}

function CoatMix({
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
          <Box className="mono" sx={{ fontSize: 44, fontWeight: 600 }}>
            <Fig v={card.cans} label="Cans" />
          </Box>
          <Box sx={{ color: tok('ink2') }}>
            cans for this coat; one does <Fig v={card.can} label="Area of a can" /> a coat
          </Box>
        </Box>
      ) : (
        <MixAtScale card={card} by={by} tools={tools} scaleIsThere={scaleIsThere} />
      )}
      <Box sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap' }}>
          <Labelled label={card.can ? 'paint of this coat' : 'mix for this coat'}>
            <Box sx={{ fontSize: 32 }}>
              <Fig v={card.needed} label="Paint needed" />
            </Box>
          </Labelled>
          {!card.can && (
            <Labelled label="batches">
              <Box sx={{ fontSize: 32 }}>
                <Fig v={card.batches} label="Batches" />{' '}
                <Box component="span" sx={{ fontSize: 18 }}>
                  of <Fig v={card.each} label="Each batch" />
                </Box>
              </Box>
              <BatchPips card={card} />
            </Labelled>
          )}
          <Labelled label="wet film, by the comb">
            <Box sx={{ fontSize: 32 }}>
              <Fig v={card.wft} label="Wet film" />
            </Box>
          </Labelled>
          <Labelled label="from the first stir">
            <Box sx={{ fontSize: 32 }}>
              <Fig v={card.coatTime} label="Time of the coat" />
            </Box>
            {card.gap.si > 0 && (
              <Box sx={{ fontSize: 13.5, color: tok('ink2') }}>
                standstill <Fig v={card.gap} label="Standstill" /> a batch
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
                    <Fig v={p.volume} label={p.name} />
                  </td>
                  <td className="mono">{p.mass?.text ?? 'no density'}</td>
                  <td>{p.scale ? <Fig v={p.scale} label={`Scale after ${p.name}`} /> : ''}</td>
                </tr>
              ))}
            </tbody>
          </Box>
        )}
        <Box sx={{ fontSize: 14.5, display: 'flex', gap: '4px 20px', flexWrap: 'wrap' }}>
          <span>dry film {card.dft.text}</span>
          <span>on {card.area.text}</span>
          <span>
            loss <Fig v={card.loss} label="Loss" />
          </span>
          <span>
            covers <Fig v={card.coverage} label="Coverage" />
          </span>
          <span>
            on the part <Fig v={card.theoretical} label="Theoretical" />
          </span>
          {card.passes && (
            <span>
              <Fig v={card.passes} label="Passes" /> passes over each spot
              {card.pace && (
                <>
                  , <Fig v={card.pace} label="Pace" />
                </>
              )}
            </span>
          )}
          {card.dose && (
            <span>
              smallest part off by up to <Fig v={card.dose} label="Dose error" />
            </span>
          )}
          {card.smallest && (
            <span>
              no batch under <Fig v={card.smallest} label="Least batch" />
            </span>
          )}
          <span>
            waste <Fig v={card.waste} label="Waste" />
          </span>
        </Box>
        {card.warnings.map((w) => (
          <Notice key={w} tone="brass" title={w} />
        ))}
        {card.cautions.map((c) => (
          <Box key={c} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, fontSize: 14 }}>
            {c}
          </Box>
        ))}
        <Box sx={{ fontSize: 13.5, color: tok('ink2') }}>Figures of {card.example}. Your tin’s label comes first.</Box>
      </Box>
    </Box>
  );
}

const usual: Tools = { vessel: '1 L', scale: '', helper: '0', tray: '0' };

export function Mix() {
  const { part = '' } = useParams();
  const [typed, setTyped] = useState(usual);
  const [asked, setAsked] = useState(usual);
  const [by, setBy] = useState<'scale' | 'volume'>('scale');
  const [chosen, setChosen] = useState<string | null>(null);
  const mix = useMix(part, asked);
  const bad = mix.isError && asked !== usual;
  useEffect(() => {
    const timer = setTimeout(() => {
      setAsked({ ...typed, vessel: typed.vessel.trim() || usual.vessel, scale: typed.scale.trim() });
    }, 400);
    return () => {
      clearTimeout(timer);
    };
  }, [typed]);
  if (mix.isPending) return <Loading />;
  if (mix.isError && !bad) return <Failed error={mix.error} />;
  const coats = mix.data?.coats ?? [];
  const card = coats.find((c) => c.stepKey === chosen) ?? coats.find((c) => c.status !== 'done') ?? coats[0];
  const toggle = {
    '& .MuiToggleButton-root': {
      textTransform: 'none',
      minHeight: 44,
      px: 1.75,
      color: tok('ink'),
      borderColor: tok('phos'),
      '&.Mui-selected, &.Mui-selected:hover': { background: tok('ink'), color: tok('sheet') },
    },
  };
  return (
    <Box sx={{ p: { xs: 2, sm: 3 } }}>
      <Title sub={mix.data?.place}>{card ? `Mix: ${card.name}, coat ${card.coat}` : 'Mix'}</Title>
      {mix.data?.obstacle && <Notice title="Nothing to mix yet">{mix.data.obstacle}</Notice>}
      {mix.data && !mix.data.obstacle && coats.length === 0 && (
        <Notice tone="deep" title="Nothing to mix">
          The route of this part lays no coat.
        </Notice>
      )}
      {coats.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: '8px 16px', mb: 3, alignItems: 'start' }}>
          <ToggleButtonGroup
            exclusive
            value={card?.stepKey}
            onChange={(_, v: string | null) => {
              if (v !== null) setChosen(v);
            }}
            aria-label="Coat"
            sx={{ flexWrap: 'wrap', ...toggle }}
          >
            {coats.map((c) => (
              <ToggleButton key={c.stepKey} value={c.stepKey}>
                {c.status === 'done' ? '✓ ' : ''}
                {c.name}, coat {c.coat}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box sx={{ flexBasis: '100%', height: 0 }} />
          <ToggleButtonGroup
            exclusive
            value={by}
            onChange={(_, v: 'scale' | 'volume' | null) => {
              if (v !== null) setBy(v);
            }}
            aria-label="Measure by"
            sx={toggle}
          >
            <ToggleButton value="scale">By scale</ToggleButton>
            <ToggleButton value="volume">By volume</ToggleButton>
          </ToggleButtonGroup>
          <QuantityField
            label="Mixing vessel"
            of="volume"
            value={typed.vessel}
            onChange={(vessel) => {
              setTyped({ ...typed, vessel });
            }}
            error={bad && `${mix.error.message} Accepted: a vessel such as 1 L, a scale step such as 1 g.`}
            sx={{ width: 140 }}
          />
          <QuantityField
            label="Scale step"
            of="mass"
            placeholder={mix.data?.scale ?? ''}
            value={typed.scale}
            onChange={(scale) => {
              setTyped({ ...typed, scale });
            }}
            sx={{ width: 110 }}
          />
          <FormControlLabel
            control={
              <Switch
                checked={typed.helper === '1'}
                onChange={(_, on) => {
                  setTyped({ ...typed, helper: on ? '1' : '0' });
                }}
              />
            }
            label="a helper mixes"
          />
          <FormControlLabel
            control={
              <Switch
                checked={typed.tray === '1'}
                onChange={(_, on) => {
                  setTyped({ ...typed, tray: on ? '1' : '0' });
                }}
              />
            }
            label="into a tray"
          />
        </Box>
      )}
      {card && card.area.si <= 0 && (
        <Notice tone="brass" title="The part has no area yet">
          Measure it in the survey; until then there is nothing to mix.
        </Notice>
      )}
      {card && (
        <CoatMix card={card} by={by} tools={asked} scaleIsThere={mix.data?.scaleIsThere ?? false} key={card.stepKey} />
      )}
      {coats.length > 0 && (
        <Box sx={{ mt: 4, overflowX: 'auto' }}>
          <Heading>All coats</Heading>
          <Box component="table" sx={{ ...table, minWidth: 520 }}>
            <thead>
              <tr>
                <th>coat</th>
                <th>dry film</th>
                <th>wet film</th>
                <th>to mix</th>
                <th>batches</th>
              </tr>
            </thead>
            <tbody>
              {coats.map((c) => (
                <tr key={c.stepKey}>
                  <td>
                    {c.name}, coat {c.coat}
                  </td>
                  <td className="mono">{c.dft.text}</td>
                  <td>
                    <Fig v={c.wft} />
                  </td>
                  <td>
                    <Fig v={c.needed} />
                  </td>
                  <td>
                    <Fig v={c.batches} />
                  </td>
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
      )}
    </Box>
  );
}
