import { Box, Button, MenuItem, Slider, Switch, TextField } from '@mui/material';
import { useDeferredValue, useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../api/client';
import { useQuantities, type WhatIf } from '../api/hooks';
import { AreaBar } from '../figures/AreaBar';
import { FilmBar } from '../figures/FilmBar';
import { Tins } from '../figures/Tins';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { day } from '../parts/time';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

const planned: WhatIf = { coats: '', loss: '', breeze: '', method: '' };

function Otherwise({
  ask,
  change,
  methods,
}: {
  ask: WhatIf;
  change: (ask: WhatIf) => void;
  methods: Schemas['Option'][];
}) {
  const slide = {
    color: tok('ink'),
    '& .MuiSlider-thumb': { borderRadius: 0, width: 16, height: 26 },
    '& .MuiSlider-rail, & .MuiSlider-track': { borderRadius: 0 },
  };
  return (
    <Box
      component="section"
      aria-label="Otherwise than planned"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', md: '1fr 1fr auto 190px auto' },
        gap: { xs: 2, md: 3 },
        alignItems: 'center',
        background: tok('sheet'),
        borderLeft: `6px solid ${tok('deep')}`,
        px: 2,
        py: 1.25,
        mb: 2.5,
      }}
    >
      <Labelled label={`more coats: ${ask.coats || '0'}`}>
        <Slider
          aria-label="More coats"
          sx={slide}
          min={0}
          max={3}
          step={1}
          marks
          value={Number(ask.coats)}
          onChange={(_, v) => {
            change({ ...ask, coats: v === 0 ? '' : String(v) });
          }}
        />
      </Labelled>
      <Labelled label={`more lost: ${ask.loss || '0 %'}`}>
        <Slider
          aria-label="More lost, points of percent"
          sx={slide}
          min={0}
          max={30}
          step={5}
          marks
          value={parseInt(ask.loss || '0', 10)}
          onChange={(_, v) => {
            change({ ...ask, loss: v === 0 ? '' : `${String(v)} %` });
          }}
        />
      </Labelled>
      <Labelled label="in the wind">
        <Switch
          checked={ask.breeze === '1'}
          onChange={(_, on) => {
            change({ ...ask, breeze: on ? '1' : '' });
          }}
          slotProps={{ input: { 'aria-label': 'In the wind' } }}
        />
      </Labelled>
      <TextField
        select
        size="small"
        label="Put on by"
        value={ask.method}
        onChange={(e) => {
          change({ ...ask, method: e.target.value });
        }}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">as planned</MenuItem>
        {methods.map((m) => (
          <MenuItem key={m.id} value={m.id}>
            {m.name}
          </MenuItem>
        ))}
      </TextField>
      <Button
        disabled={ask === planned}
        onClick={() => {
          change(planned);
        }}
      >
        As planned
      </Button>
    </Box>
  );
}

function Film({ film }: { film: Schemas['FilmNeedView'] }) {
  const need = film.need;
  return (
    <Box component="li" sx={{ listStyle: 'none', borderTop: `1px solid ${tok('rule')}`, py: 1.5 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'baseline', mb: 0.5 }}>
        <Box>
          <Box component="span" sx={{ fontWeight: 700, fontSize: 16.5 }}>
            {film.name}
          </Box>{' '}
          <Box component="span" sx={{ color: tok('ink2'), fontSize: 14 }}>
            {`${String(film.coats)} ${film.coats === 1 ? 'coat' : 'coats'} · `}
            <span className="mono">{film.dft.text}</span> dry · <Fig v={film.wft} label="Wet film" /> wet
          </Box>
        </Box>
        <Box sx={{ fontSize: 22, whiteSpace: 'nowrap' }}>
          <Fig v={need.amount} label={film.name} />
        </Box>
      </Box>
      <FilmBar film={film} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) auto' },
          gap: 2,
          mt: 0.75,
          fontSize: 14,
        }}
      >
        <Box sx={{ color: tok('ink2') }}>
          <Box>
            <span className="mono">{film.onPart.text}</span> stays on
            {film.swallowed.si > 0 && (
              <>
                , <span className="mono">{film.swallowed.text}</span> in the profile
              </>
            )}
            , <span className="mono">{film.lost.text}</span> goes past
          </Box>
          <Box>{film.parts.map((p) => `${p.part} ${p.paint.text}`).join(' · ')}</Box>
          {need.from.map((f) => (
            <Box key={f} sx={{ color: tok('zinc'), fontWeight: 600 }}>
              From the store: {f}
            </Box>
          ))}
        </Box>
        <Box sx={{ justifySelf: { sm: 'end' }, textAlign: { sm: 'right' } }}>
          {need.tins.length === 0 ? (
            <Box sx={{ fontWeight: 700, color: tok('zinc') }}>The store has it.</Box>
          ) : (
            <>
              <Tins tins={need.tins} kind={film.hatch} />
              <Box sx={{ color: tok('ink2') }}>
                {need.price}
                {need.seller && ` · ${need.seller}`} · <span className="mono">{need.leftover.text}</span> left over
              </Box>
            </>
          )}
        </Box>
      </Box>
    </Box>
  );
}

function Areas({ view }: { view: Schemas['QuantitiesView'] }) {
  return (
    <Box component="section" aria-label="Areas" sx={{ mt: 4 }}>
      <Heading>
        Areas: <Fig v={view.area} />
        {view.notCoated.si > 0 && (
          <Box component="span" sx={{ color: tok('ink2'), fontWeight: 500 }}>
            {' '}
            and {view.notCoated.text} not coated
          </Box>
        )}
      </Heading>
      {view.areas.map((line) => (
        <Box
          key={line.partId}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr auto', sm: '170px minmax(0,1fr) 90px' },
            gap: '2px 14px',
            alignItems: 'center',
            borderTop: `1px solid ${tok('rule')}`,
            py: 0.75,
          }}
        >
          <Box sx={{ fontWeight: 650 }}>{line.name}</Box>
          <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' }, gridRow: { xs: 2, sm: 'auto' } }}>
            <AreaBar line={line} />
          </Box>
          <Box sx={{ textAlign: 'right' }}>
            <Fig v={line.area} label={line.name} />
          </Box>
          <Box sx={{ gridColumn: { xs: '1 / -1', sm: '2 / -1' }, fontSize: 13, color: tok('ink2') }}>
            {line.shapes.length === 0
              ? 'not measured yet'
              : line.shapes
                  .map((s) =>
                    [
                      `${s.name} ${s.area.text}${s.estimate ? ' (rule of thumb)' : ''}`,
                      ...(s.notCoated.si > 0 ? [`less ${s.notCoated.text} not coated`] : []),
                    ].join(', '),
                  )
                  .join(' · ')}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Orders({ view, csv }: { view: Schemas['QuantitiesView']; csv: string }) {
  return (
    <>
      <Heading>To buy</Heading>
      {view.orders.length === 0 && <Box sx={{ color: tok('ink2') }}>Nothing: the store covers it.</Box>}
      {view.orders.map((o) => (
        <Box key={o.seller} sx={{ mb: 2 }}>
          <Box
            sx={{
              display: 'flex',
              justifyContent: 'space-between',
              fontWeight: 700,
              borderBottom: `2px solid ${tok('ink')}`,
            }}
          >
            <span>{o.seller || 'Somewhere'}</span>
            <span className="mono">{o.price}</span>
          </Box>
          {o.here && <Box sx={{ fontSize: 13.5, color: tok('ink2') }}>ordered today, here on {day(o.here)}</Box>}
          <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 14.5 }}>
            {o.lines.map((l) => (
              <li key={l}>{l}</li>
            ))}
          </Box>
        </Box>
      ))}
      <Button component="a" href={csv} download>
        Write the list as CSV
      </Button>
      {view.unmeasured.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <Labelled label="Needed too, by what is found">{view.unmeasured.join(', ')}</Labelled>
        </Box>
      )}
      {view.without.length > 0 && (
        <Notice tone="brass" title="Not counted">
          {view.without.join(', ')}: no route yet.
        </Notice>
      )}
    </>
  );
}

/** How much of everything a job takes: areas, films, packs, store, money; as planned and otherwise. */
export function Quantities() {
  const { job = '' } = useParams();
  const [ask, setAsk] = useState(planned);
  const view = useQuantities(job, useDeferredValue(ask)).data;
  const failed = useQuantities(job, planned);
  if (failed.isError) return <Failed error={failed.error} />;
  if (!view) return <Loading />;
  const query = new URLSearchParams(Object.entries(ask).filter(([, v]) => v !== '') as [string, string][]).toString();
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 340px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'end' }}>
          <Title sub="what is still to do, the store counted first">Enough of everything</Title>
          <Box sx={{ textAlign: 'right', mb: 1.5 }}>
            <Box className="mono" sx={{ fontSize: 26, fontWeight: 600, color: tok('brass') }}>
              {view.price}
            </Box>
            <Box sx={{ fontSize: 13.5, color: tok('ink2') }}>{view.difference || 'to buy, by typical prices'}</Box>
          </Box>
        </Box>
        <Otherwise ask={ask} change={setAsk} methods={view.methods} />
        {view.films.length === 0 && (
          <Notice tone="deep" title="No coat is left to lay">
            Take a part in, or give one a service that wants a film; its paint appears here.
          </Notice>
        )}
        <Box component="ul" aria-label="Films" sx={{ p: 0, m: 0 }}>
          {view.films.map((f) => (
            <Film key={f.product} film={f} />
          ))}
        </Box>
        {view.films.length > 0 && (
          <Box sx={{ fontSize: 13, color: tok('ink2'), display: 'flex', gap: 2, alignItems: 'center', mt: 0.5 }}>
            <svg width="26" height="12" aria-hidden="true">
              <rect x="1" y="1" width="24" height="10" fill={hatch('epoxy')} stroke={tok('ink')} />
            </svg>
            on the part{' '}
            <svg width="26" height="12" aria-hidden="true">
              <rect x="1" y="1" width="24" height="10" fill="none" stroke={tok('phos')} strokeDasharray="4 3" />
            </svg>
            lost on the way; all bars to one scale
          </Box>
        )}
        <Areas view={view} />
        {view.goods.length > 0 && (
          <Box component="section" aria-label="What goes with it" sx={{ mt: 4 }}>
            <Heading>What goes with it</Heading>
            <Box sx={{ columns: { xs: 1, sm: 2 }, columnGap: 4 }}>
              {view.goods.map((g) => (
                <Box
                  key={g.id}
                  sx={{
                    breakInside: 'avoid',
                    borderTop: `1px solid ${tok('rule')}`,
                    py: 0.5,
                    display: 'grid',
                    gridTemplateColumns: 'minmax(0,1fr) auto',
                    gap: 1,
                    fontSize: 14.5,
                  }}
                >
                  <Box>
                    {g.name}
                    {g.note && <Box sx={{ fontSize: 12.5, color: tok('ink2') }}>{g.note}</Box>}
                  </Box>
                  <Box sx={{ textAlign: 'right' }}>
                    <Box className="mono">{g.amount.text}</Box>
                    {g.tins.length === 0 && (
                      <Box sx={{ fontSize: 12.5, color: tok('zinc'), fontWeight: 600 }}>in the store</Box>
                    )}
                  </Box>
                </Box>
              ))}
            </Box>
          </Box>
        )}
      </Box>
      <Box
        component="aside"
        aria-label="To buy"
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        <Orders view={view} csv={`/api/jobs/${job}/shopping${query ? `?${query}` : ''}`} />
      </Box>
    </Box>
  );
}
