import { spoken } from '../../words/spoken';
import type { MessageDescriptor } from '@lingui/core';
import { msg, plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
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

const kinds: Record<string, MessageDescriptor> = { paint: msg`Paint`, chemicals: msg`Cleaners, thinners, baths` };

/** What is on the shelf, how long it keeps, what it is for, and what must not stand together. */
export function Stores() {
  const store = useStore();
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('tin') ?? '';
  if (store.isPending) return <Loading />;
  if (store.isError) return <Failed error={store.error} />;
  const view = store.data;
  const tins = view.materials.reduce((n, m) => n + m.tins.filter((tin) => tin.left.value > 0).length, 0);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 400px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Title
          sub={
            tins === 0
              ? t`nothing on the shelf yet`
              : plural(tins, { one: '# tin with something in it', other: '# tins with something in them' })
          }
        >
          <Trans>On the shelf</Trans>
        </Title>
        {view.conflicts.map((c) => (
          <Notice key={c.cabinet + c.one + c.other} title={t`${c.cabinet}: ${c.one} stands beside ${c.other}`}>
            <Trans>{c.consequence} One leaking lid is enough: another cabinet for one of them.</Trans>
          </Notice>
        ))}
        {view.expiring.length > 0 && (
          <Box component="section" aria-label={t`Will not keep`} sx={{ mb: 2 }}>
            <Heading>
              <Trans>Will not keep</Trans>
            </Heading>
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
                  {e.expired ? t`over since` : t`until`} {day(e.expires)}
                </Box>
                <Box>
                  <Trans>
                    {e.left.text} of {e.material}
                  </Trans>
                  {e.batch && t`, batch ${e.batch}`}{' '}
                  <Box component="span" sx={{ color: tok('ink2') }}>
                    ({e.because})
                  </Box>
                  .{' '}
                  {given(e.expired, t`Not drawn any more: test it on a scrap, or bin it.`)
                    .or(e.usedBy.length > 0, t`Could go on: ${e.usedBy.slice(0, 4).join(', ')}.`)
                    .else(t`No job wants it.`)}
                </Box>
              </Box>
            ))}
          </Box>
        )}
        {view.materials.length === 0 && (
          <Notice tone="deep" title={t`The shelf is empty`}>
            <Trans>
              Write down what came in, or open a table of it; what jobs want appears here as soon as a route has coats.
            </Trans>
          </Notice>
        )}
        {Object.entries(kinds).map(([kind, name]) => {
          const list = view.materials
            .filter((m) => m.kind === kind)
            .sort((a, b) => Number(b.tins.length > 0) - Number(a.tins.length > 0));
          return (
            list.length > 0 && (
              <Box component="section" key={kind} aria-label={spoken(name)} sx={{ mt: 2 }}>
                <Heading>{spoken(name)}</Heading>
                <Box component="ul" sx={{ p: 0, m: 0 }}>
                  {list.map((m) => (
                    <Material
                      key={m.id}
                      material={m}
                      now={view.now}
                      chosen={chosen}
                      choose={(tin) => {
                        setSearch(tin ? { tin: tin } : {}, { replace: true });
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
        aria-label={t`In, sheets, sellers`}
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
        <Labelled label={t`How tins are drawn`}>
          <Box sx={{ fontSize: textSize.m }}>
            <Trans>
              A finished coat in the record takes its paint out by itself: what ends first goes first, open before
              sealed, never what is past its time.
            </Trans>
          </Box>
        </Labelled>
      </Box>
    </Box>
  );
}
