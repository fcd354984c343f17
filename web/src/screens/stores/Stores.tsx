import { Box } from '@mui/material';
import { useSearchParams } from 'react-router';
import { useStore } from '../../api/store';
import { Heading, Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { day } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';
import { Material } from './Material';
import { Receive } from './Receive';
import { Sheets } from './Sheets';
import { Suppliers } from './Suppliers';
import { given } from '../../parts/given';

const kinds: Record<string, string> = { paint: 'Paint', chemicals: 'Cleaners, thinners, baths' };

/** What is on the shelf, how long it keeps, what it is for, and what must not stand together. */
export function Stores() {
  const store = useStore();
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('tin') ?? '';
  if (store.isPending) return <Loading />;
  if (store.isError) return <Failed error={store.error} />;
  const view = store.data;
  const tins = view.materials.reduce((n, m) => n + m.tins.filter((t) => t.left.value > 0).length, 0);
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
                  {given(e.expired, 'Not drawn any more: test it on a scrap, or bin it.')
                    .or(e.usedBy.length > 0, `Could go on: ${e.usedBy.slice(0, 4).join(', ')}.`)
                    .else('No job wants it.')}
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
          <Box sx={{ fontSize: textSize.m }}>
            A finished coat in the record takes its paint out by itself: what ends first goes first, open before sealed,
            never what is past its time.
          </Box>
        </Labelled>
      </Box>
    </Box>
  );
}
