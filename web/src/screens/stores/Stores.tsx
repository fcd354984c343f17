import { Columns, Text } from '../../theme/layout';
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
import { tok } from '../../theme/tokens';
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
    <Columns cols={{ xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 400px' }}>
      <Text roomy shrinks>
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
          <Text as="section" aria-label={t`Will not keep`} below={2}>
            <Heading>
              <Trans>Will not keep</Trans>
            </Heading>
            {view.expiring.map((e, i) => (
              <Columns
                key={i}
                cols={{ xs: '1fr', sm: '150px minmax(0,1fr)' }}
                ruled
                inset={0.75}
                sx={{ gap: { xs: 0, sm: 2 } }}
              >
                <Text tone={e.expired ? 'lead' : 'brass'} weight="strong">
                  {e.expired ? t`over since` : t`until`} {day(e.expires)}
                </Text>
                <Box>
                  <Trans>
                    {e.left.text} of {e.material}
                  </Trans>
                  {e.batch && t`, batch ${e.batch}`}{' '}
                  <Text as="span" tone="ink2">
                    ({e.because})
                  </Text>
                  .{' '}
                  {given(e.expired, t`Not drawn any more: test it on a scrap, or bin it.`)
                    .or(e.usedBy.length > 0, t`Could go on: ${e.usedBy.slice(0, 4).join(', ')}.`)
                    .else(t`No job wants it.`)}
                </Box>
              </Columns>
            ))}
          </Text>
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
              <Text as="section" key={kind} aria-label={spoken(name)} above={2}>
                <Heading>{spoken(name)}</Heading>
                <Text as="ul" plain>
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
                </Text>
              </Text>
            )
          );
        })}
      </Text>
      <Columns
        as="aside"
        aria-label={t`In, sheets, sellers`}
        gap={4}
        roomy
        sheet
        sx={{ borderLeft: { lg: `1px solid ${tok('rule')}` }, alignContent: 'start' }}
      >
        <Receive view={view} />
        <Sheets view={view} />
        <Suppliers key={JSON.stringify(view.suppliers)} view={view} />
        <Labelled label={t`How tins are drawn`}>
          <Text size="m">
            <Trans>
              A finished coat in the record takes its paint out by itself: what ends first goes first, open before
              sealed, never what is past its time.
            </Trans>
          </Text>
        </Labelled>
      </Columns>
    </Columns>
  );
}
