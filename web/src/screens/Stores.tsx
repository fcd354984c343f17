import { Box, Button, TextField } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, Refusal, settle, type Schemas } from '../api/client';
import { useStore, useStoreWrite } from '../api/hooks';
import { TinLevel } from '../figures/TinLevel';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { QuantityField } from '../parts/QuantityField';
import { day, when } from '../parts/time';
import { tok } from '../theme/tokens';
import { Receive } from './Receive';
import { Sheets } from './Sheets';
import { Suppliers } from './Suppliers';

const kinds: Record<string, string> = { paint: 'Paint', chemicals: 'Cleaners, thinners, baths' };

/** A tin as it is said to somebody who does not see it. */
function tinWords(material: string, tin: Schemas['TinLineView']): string {
  const keeps = tin.expired ? ['past its time'] : tin.soon ? ['ends soon'] : [];
  const open = tin.opened ? ['open'] : [];
  return [material, `batch ${tin.batch || 'unmarked'}`, `of ${tin.size.text}`, ...keeps, ...open].join(', ');
}

function Ledger({
  tin,
  material,
  now,
  close,
}: {
  tin: Schemas['TinLineView'];
  material: Schemas['MaterialView'];
  now: string;
  close: () => void;
}) {
  const [amount, setAmount] = useState('');
  const [note, setNote] = useState('');
  const move = useStoreWrite((body: Schemas['MovementBody']) =>
    settle(api.POST('/api/store/tins/{tin}/movements', { params: { path: { tin: tin.id } }, body })),
  );
  const wrong = move.error instanceof Refusal ? move.error : null;
  const write = (kind: string, withAmount: boolean) => {
    move.mutate(
      { kind, ...(withAmount ? { amount } : {}), ...(note.trim() ? { note } : {}) },
      {
        onSuccess: () => {
          setAmount('');
          setNote('');
        },
      },
    );
  };
  return (
    <Box
      sx={{
        background: tok('sheet'),
        borderLeft: `6px solid ${tok('deep')}`,
        p: 2,
        mb: 1.5,
        display: 'grid',
        gap: 1.25,
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2 }}>
        <Box>
          <Box sx={{ fontWeight: 700 }}>
            {material.name}, batch {tin.batch || 'unmarked'}
          </Box>
          <Box sx={{ fontSize: 14, color: tok('ink2') }}>
            {tin.left.text} of {tin.size.text}
            {tin.cabinet && ` · ${tin.cabinet}`}
            {tin.expires ? ` · good until ${when(tin.expires, now)}, ${tin.because}` : ' · keeps'}
          </Box>
        </Box>
        <Button onClick={close}>Close</Button>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'start' }}>
        <QuantityField
          size="small"
          label="Amount"
          of="volume,mass,count"
          value={amount}
          onChange={setAmount}
          placeholder={tin.left.text}
          error={wrong?.pointer === '/amount'}
          sx={{ width: 130 }}
        />
        <TextField
          size="small"
          label="Note"
          value={note}
          onChange={(e) => {
            setNote(e.target.value);
          }}
          sx={{ width: 200 }}
        />
        <Button
          disabled={!amount.trim() || move.isPending}
          onClick={() => {
            write('used', true);
          }}
        >
          Used so much
        </Button>
        <Button
          disabled={!amount.trim() || move.isPending}
          onClick={() => {
            write('counted', true);
          }}
        >
          So much is in it
        </Button>
        {!tin.opened && (
          <Button
            disabled={move.isPending}
            onClick={() => {
              write('opened', false);
            }}
          >
            Opened
          </Button>
        )}
        {tin.canBeActivated && (
          <Button
            disabled={move.isPending}
            onClick={() => {
              write('activated', false);
            }}
          >
            Activated: start its clock
          </Button>
        )}
        {tin.left.si > 0 && (
          <Button
            disabled={move.isPending}
            onClick={() => {
              write('binned', false);
            }}
          >
            Binned
          </Button>
        )}
      </Box>
      {wrong && (
        <div role="alert">
          <Notice title={wrong.message}>{wrong.accepted && `Accepted: ${wrong.accepted}.`}</Notice>
        </div>
      )}
      {tin.movements.length > 0 && (
        <Box component="ol" aria-label="Ledger" sx={{ m: 0, p: 0, listStyle: 'none', fontSize: 14 }}>
          {tin.movements.map((m, i) => (
            <Box
              component="li"
              key={i}
              sx={{
                display: 'grid',
                gridTemplateColumns: '150px 90px 90px 1fr',
                borderTop: `1px solid ${tok('rule')}`,
                py: 0.25,
              }}
            >
              <span className="mono">{when(m.at, now)}</span>
              <span>{m.kind}</span>
              <span className="mono">{m.amount}</span>
              <span>{m.note}</span>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Material({
  material,
  now,
  chosen,
  choose,
}: {
  material: Schemas['MaterialView'];
  now: string;
  chosen: string;
  choose: (tin: string) => void;
}) {
  const tin = material.tins.find((t) => t.id === chosen);
  const filled = material.tins.filter((t) => t.left.si > 0 || t.id === chosen);
  return (
    <Box component="li" sx={{ listStyle: 'none', borderTop: `1px solid ${tok('rule')}`, py: 1 }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,230px) minmax(0,1fr) 150px' },
          gap: 2,
          alignItems: 'center',
        }}
      >
        <Box>
          <Box sx={{ fontWeight: 700 }}>{material.name}</Box>
          <Box sx={{ fontSize: 13, color: tok('ink2') }}>
            {material.example}; {material.shelf}
          </Box>
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
          {filled.length === 0 && <Box sx={{ color: tok('ink2'), fontSize: 14 }}>none on the shelf</Box>}
          {filled.map((t) => (
            <Box
              component="button"
              type="button"
              key={t.id}
              aria-pressed={t.id === chosen}
              onClick={() => {
                choose(t.id === chosen ? '' : t.id);
              }}
              sx={{
                background: t.id === chosen ? tok('wash') : 'none',
                border: 0,
                p: 0.5,
                cursor: 'pointer',
                textAlign: 'center',
                color: tok('ink'),
                minWidth: 64,
              }}
            >
              <Box component="span" sx={visuallyHidden}>{`${tinWords(material.name, t)}: `}</Box>
              <TinLevel tin={t} kind={material.hatch} />
              <Box className="mono" sx={{ fontSize: 12 }}>
                {t.left.text}
              </Box>
              <Box
                sx={{
                  fontSize: 11.5,
                  color: tok(t.expired ? 'lead' : t.soon ? 'brass' : 'ink2'),
                  fontWeight: t.expired || t.soon ? 700 : 400,
                }}
              >
                {t.activatedAt ? 'activated' : t.expires ? day(t.expires) : t.batch}
              </Box>
            </Box>
          ))}
        </Box>
        <Box sx={{ textAlign: { sm: 'right' } }}>
          <Box className="mono" sx={{ fontSize: 18, fontWeight: 600 }}>
            {material.total.text}
          </Box>
          {material.needed.si > 0 && (
            <Box sx={{ fontSize: 13.5, color: tok('ink2') }}>jobs want {material.needed.text}</Box>
          )}
          {material.missing.si > 0.0005 && (
            <Box sx={{ fontSize: 13.5, color: tok('lead'), fontWeight: 700 }}>{material.missing.text} short</Box>
          )}
        </Box>
      </Box>
      {tin && (
        <Box sx={{ mt: 1 }}>
          <Ledger
            key={tin.id}
            tin={tin}
            material={material}
            now={now}
            close={() => {
              choose('');
            }}
          />
        </Box>
      )}
    </Box>
  );
}

/** What is on the shelf, how long it keeps, what it is for, and what must not stand together. */
export function Stores() {
  const store = useStore();
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('tin') ?? '';
  if (store.isPending) return <Loading />;
  if (store.isError) return <Failed error={store.error} />;
  const view = store.data;
  const tins = view.materials.reduce((n, m) => n + m.tins.filter((t) => t.left.si > 0).length, 0);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 400px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Title
          sub={
            tins === 0 ? 'nothing on the shelf yet' : `${tins} ${tins === 1 ? 'tin' : 'tins'} with something in them`
          }
        >
          On the shelf
        </Title>
        {view.conflicts.map((c) => (
          <Notice key={c.cabinet + c.one + c.other} title={`${c.cabinet}: ${c.one} stands beside ${c.other}`}>
            {c.consequence} One leaking lid is enough: another cabinet for one of them.
          </Notice>
        ))}
        {view.expiring.length > 0 && (
          <Box component="section" aria-label="Will not keep" sx={{ mb: 2 }}>
            <Heading>Will not keep</Heading>
            {view.expiring.map((e, i) => (
              <Box
                key={i}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: { xs: '1fr', sm: '150px minmax(0,1fr)' },
                  gap: { xs: 0, sm: 2 },
                  borderTop: `1px solid ${tok('rule')}`,
                  py: 0.75,
                }}
              >
                <Box sx={{ fontWeight: 700, color: tok(e.expired ? 'lead' : 'brass') }}>
                  {e.expired ? 'over since' : 'until'} {day(e.expires)}
                </Box>
                <Box>
                  {e.left.text} of {e.material}
                  {e.batch && `, batch ${e.batch}`}{' '}
                  <Box component="span" sx={{ color: tok('ink2') }}>
                    ({e.because})
                  </Box>
                  .{' '}
                  {e.expired
                    ? 'Not drawn any more: test it on a scrap, or bin it.'
                    : e.usedBy.length > 0
                      ? `Could go on: ${e.usedBy.slice(0, 4).join(', ')}.`
                      : 'No job wants it.'}
                </Box>
              </Box>
            ))}
          </Box>
        )}
        {view.materials.length === 0 && (
          <Notice tone="deep" title="The shelf is empty">
            Write down what came in, or open a table of it; what jobs want appears here as soon as a route has coats.
          </Notice>
        )}
        {Object.entries(kinds).map(([kind, name]) => {
          const list = view.materials
            .filter((m) => m.kind === kind)
            .sort((a, b) => Number(b.tins.length > 0) - Number(a.tins.length > 0));
          return (
            list.length > 0 && (
              <Box component="section" key={kind} aria-label={name} sx={{ mt: 2 }}>
                <Heading>{name}</Heading>
                <Box component="ul" sx={{ p: 0, m: 0 }}>
                  {list.map((m) => (
                    <Material
                      key={m.id}
                      material={m}
                      now={view.now}
                      chosen={chosen}
                      choose={(t) => {
                        setSearch(t ? { tin: t } : {}, { replace: true });
                      }}
                    />
                  ))}
                </Box>
              </Box>
            )
          );
        })}
      </Box>
      <Box
        component="aside"
        aria-label="In, sheets, sellers"
        sx={{
          p: { xs: 2, sm: 3 },
          background: tok('sheet'),
          borderLeft: { lg: `1px solid ${tok('rule')}` },
          display: 'grid',
          gap: 4,
          alignContent: 'start',
        }}
      >
        <Receive view={view} />
        <Sheets view={view} />
        <Suppliers key={JSON.stringify(view.suppliers)} view={view} />
        <Labelled label="How tins are drawn">
          <Box sx={{ fontSize: 14 }}>
            A finished coat in the record takes its paint out by itself: what ends first goes first, open before sealed,
            never what is past its time.
          </Box>
        </Labelled>
      </Box>
    </Box>
  );
}
