import { Box, Button, TextField, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../api/client';
import { useMix } from '../api/hooks';
import { PourColumn } from '../figures/PourColumn';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { tok } from '../theme/tokens';

const key = (card: Schemas['CoatCard']): string => `hull-pot-${card.stepKey}`;

/** What is left of the usable pot life since the batch was mixed; kept when the page is loaded again. */
function PotClock({ card }: { card: Schemas['CoatCard'] }) {
  const { part = '' } = useParams();
  const store = `${key(card)}-${part}`;
  const [since, setSince] = useState(() => Number(localStorage.getItem(store) ?? 0));
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!since) return undefined;
    const timer = setInterval(() => { setNow(Date.now()); }, 1000);
    return () => { clearInterval(timer); };
  }, [since]);
  if (!card.usable) return <Labelled label="pot life"><Box>One part: no pot life. Close the tin between pours.</Box></Labelled>;
  const left = since ? Math.round(card.usable.si * 3600 - (now - since) / 1000) : 0;
  const clock = `${Math.floor(Math.abs(left) / 3600)}:${String(Math.floor((Math.abs(left) % 3600) / 60)).padStart(2, '0')}:${String(Math.abs(left) % 60).padStart(2, '0')}`;
  const set = (value: number) => {
    if (value) localStorage.setItem(store, String(value)); else localStorage.removeItem(store);
    setSince(value);
    setNow(Date.now());
  };
  return (
    <Box sx={{ borderLeft: `6px solid ${tok(since && left < 600 ? 'lead' : 'deep')}`, pl: 1.5 }}>
      <Labelled label={since ? (left >= 0 ? 'left to use it' : 'over its usable life by') : 'usable of the pot life'}>
        <Box sx={{ fontSize: 32 }}>{since ? <span className="mono" role="timer">{clock}</span> : <Fig v={card.usable} label="Usable pot life" />}</Box>
      </Labelled>
      <Box sx={{ fontSize: 14, color: tok('ink2') }}>pot life {card.potLife ? <Fig v={card.potLife} label="Pot life" /> : ''}{card.induction.si > 0 && <> · let stand {card.induction.text} first</>}</Box>
      <Button sx={{ mt: 1 }} onClick={() => { set(since ? 0 : Date.now()); }}>{since ? 'Stop the clock' : 'Mixed: start the clock'}</Button>
    </Box>
  );
}

function CoatMix({ card, by }: { card: Schemas['CoatCard']; by: 'scale' | 'volume' }) {
  const [poured, setPoured] = useState(0);
  const next = card.parts[poured];
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(300px, 440px) 1fr' }, gap: 4, alignItems: 'start' }}>
      <Box>
        <PourColumn parts={card.parts} poured={poured} by={by} />
        <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
          {next ? <Button variant="contained" onClick={() => { setPoured(poured + 1); }}>{next.name} is in</Button> : card.parts.length > 0 && <Box sx={{ fontWeight: 700, alignSelf: 'center' }}>Stir, scrape the sides, pour into a second cup, stir again.</Box>}
          {poured > 0 && <Button onClick={() => { setPoured(poured - 1); }}>Back</Button>}
        </Box>
      </Box>
      <Box sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ display: 'flex', gap: 4, flexWrap: 'wrap' }}>
          <Labelled label="mix for this coat"><Box sx={{ fontSize: 32 }}><Fig v={card.needed} label="Paint needed" /></Box></Labelled>
          <Labelled label="batches"><Box sx={{ fontSize: 32 }}><Fig v={card.batches} label="Batches" /> <Box component="span" sx={{ fontSize: 18 }}>of <Fig v={card.each} label="Each batch" /></Box></Box></Labelled>
          <Labelled label="wet film, by the comb"><Box sx={{ fontSize: 32 }}><Fig v={card.wft} label="Wet film" /></Box></Labelled>
        </Box>
        <PotClock card={card} key={card.stepKey} />
        {card.parts.length > 0 && (
          <Box component="table" sx={{ borderCollapse: 'collapse', '& th, & td': { textAlign: 'left', borderBottom: `1px solid ${tok('rule')}`, py: 0.75, pr: 2 }, '& th': { fontSize: 13.5, color: tok('ink2'), fontWeight: 500 } }}>
            <thead><tr><th>{card.ratio}</th><th>volume</th><th>mass</th><th>scale reads</th></tr></thead>
            <tbody>{card.parts.map((p) => <tr key={p.name}><td>{p.name}</td><td><Fig v={p.volume} label={p.name} /></td><td className="mono">{p.mass.text}</td><td>{p.scale && <Fig v={p.scale} label={`Scale after ${p.name}`} />}</td></tr>)}</tbody>
          </Box>
        )}
        <Box sx={{ fontSize: 14.5, display: 'flex', gap: 2.5, flexWrap: 'wrap' }}>
          <span>dry film {card.dft.text}</span><span>on {card.area.text}</span><span>loss <Fig v={card.loss} label="Loss" /></span><span>covers <Fig v={card.coverage} label="Coverage" /></span><span>on the part <Fig v={card.theoretical} label="Theoretical" /></span>
        </Box>
        {card.warnings.map((w) => <Notice key={w} tone="brass" title={w} />)}
        {card.cautions.map((c) => <Box key={c} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, fontSize: 14 }}>{c}</Box>)}
        <Box sx={{ fontSize: 13.5, color: tok('ink2') }}>Figures of a typical sheet, such as {card.example}. Your tin’s label comes first.</Box>
      </Box>
    </Box>
  );
}

export function Mix() {
  const { part = '' } = useParams();
  const [vessel, setVessel] = useState('1 L');
  const [asked, setAsked] = useState('1 L');
  const [by, setBy] = useState<'scale' | 'volume'>('scale');
  const [chosen, setChosen] = useState<string | null>(null);
  const mix = useMix(part, asked);
  const bad = mix.isError && mix.data === undefined && asked !== '1 L';
  useEffect(() => {
    const timer = setTimeout(() => { setAsked(vessel.trim() || '1 L'); }, 400);
    return () => { clearTimeout(timer); };
  }, [vessel]);
  if (mix.isPending) return <Loading />;
  if (mix.isError && !bad) return <Failed error={mix.error} />;
  const coats = mix.data?.coats ?? [];
  const card = coats.find((c) => c.stepKey === chosen) ?? coats.find((c) => c.status !== 'done') ?? coats[0];
  const toggle = { '& .MuiToggleButton-root': { textTransform: 'none', minHeight: 44, px: 1.75, color: tok('ink'), borderColor: tok('phos'), '&.Mui-selected, &.Mui-selected:hover': { background: tok('ink'), color: tok('sheet') } } };
  return (
    <Box sx={{ p: { xs: 2, sm: 3 } }}>
      <Title sub={mix.data?.place}>{card ? `Mix: ${card.name}, coat ${card.coat}` : 'Mix'}</Title>
      {mix.data?.obstacle && <Notice title="Nothing to mix yet">{mix.data.obstacle}</Notice>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mb: 3, alignItems: 'start' }}>
        {coats.length > 0 && (
          <ToggleButtonGroup exclusive value={card?.stepKey} onChange={(_, v: string | null) => { if (v !== null) setChosen(v); }} aria-label="Coat" sx={{ flexWrap: 'wrap', ...toggle }}>
            {coats.map((c) => <ToggleButton key={c.stepKey} value={c.stepKey}>{c.status === 'done' ? '✓ ' : ''}{c.name}, coat {c.coat}</ToggleButton>)}
          </ToggleButtonGroup>
        )}
        <ToggleButtonGroup exclusive value={by} onChange={(_, v: 'scale' | 'volume' | null) => { if (v !== null) setBy(v); }} aria-label="Measure by" sx={toggle}>
          <ToggleButton value="scale">By scale</ToggleButton><ToggleButton value="volume">By volume</ToggleButton>
        </ToggleButtonGroup>
        <TextField label="Mixing vessel" value={vessel} onChange={(e) => { setVessel(e.target.value); }} error={bad} helperText={bad ? `${mix.error.message} Accepted: 1 L, 2 qt, 500 ml.` : 'filled to two thirds at most'} sx={{ width: 200 }} />
      </Box>
      {card && card.area.si <= 0 && <Notice tone="brass" title="The part has no area yet">Measure it in the survey; until then there is nothing to mix.</Notice>}
      {card && <CoatMix card={card} by={by} key={card.stepKey} />}
      {coats.length > 0 && (
        <Box sx={{ mt: 4, overflowX: 'auto' }}>
          <Heading>All coats</Heading>
          <Box component="table" sx={{ borderCollapse: 'collapse', minWidth: 520, '& th, & td': { textAlign: 'left', borderBottom: `1px solid ${tok('rule')}`, py: 0.75, pr: 3 }, '& th': { fontSize: 13.5, color: tok('ink2'), fontWeight: 500 } }}>
            <thead><tr><th>coat</th><th>dry film</th><th>wet film</th><th>to mix</th><th>batches</th></tr></thead>
            <tbody>{coats.map((c) => <tr key={c.stepKey}><td>{c.name}, coat {c.coat}</td><td className="mono">{c.dft.text}</td><td><Fig v={c.wft} /></td><td><Fig v={c.needed} /></td><td><Fig v={c.batches} /></td></tr>)}</tbody>
          </Box>
        </Box>
      )}
    </Box>
  );
}
