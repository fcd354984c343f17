import { Aside, Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link, useParams } from 'react-router';
import { useMasking } from '../../api/parts';
import { MaskedFace } from '../../figures/MaskedFace';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { Covering } from './Covering';
import { PlugsIn } from './PlugsIn';

/** What of a part is covered, with what, before which step, and until when. */
export function Masking() {
  const { part = '' } = useParams();
  const read = useMasking(part);
  if (read.isPending) return <Loading />;
  if (read.isError) return <Failed error={read.error} />;
  const view = read.data;
  if (view.obstacle)
    return (
      <Text widest={720} sx={{ p: 3 }}>
        <Title>
          <Trans>No masking plan yet</Trans>
        </Title>
        <Notice title={t`What stands in the way`}>{view.obstacle}</Notice>
      </Text>
    );
  return (
    <Columns cols={{ xs: '1fr', md: 'minmax(0,1fr) 380px' }}>
      <Text roomy>
        <Title sub={view.staysSays}>
          <Trans>Masking plan</Trans>
        </Title>
        {view.tooLong && <Notice title={t`No tape stays on that long`}>{view.staysSays}</Notice>}
        {view.lines.length === 0 && (
          <Text tone="ink2" widest={600}>
            <Trans>
              Nobody has said what stays bare or clean on this part. <Link to="../survey">Say it in the survey</Link>:
              bores, threads, seats, glass, lines to another colour. Until then tape and film are reckoned by area.
            </Trans>
          </Text>
        )}
        <Text as="ol" aria-label={t`What is covered`} plain>
          {view.lines.map((l, n) => (
            <Covering key={n} line={l} number={n + 1} />
          ))}
        </Text>
        <PlugsIn view={view} />
      </Text>
      <Aside aria-label={t`Where it is, and what it takes`}>
        {view.faces.map((f) => (
          <Text key={f.name} below={2}>
            <Text weight="strong">{f.name}</Text>
            <MaskedFace face={f} />
            <Text size="s" tone={f.crowded ? 'brass' : 'ink2'}>
              {f.crowded
                ? t`Laid out flat, to one scale. More than fits on it side by side: look whether it was measured right.`
                : t`Laid out flat, to one scale; where on it each lies nobody measured.`}
            </Text>
          </Text>
        ))}
        {view.needs.length > 0 && (
          <>
            <Heading>
              <Trans>What it takes</Trans>
            </Heading>
            <Text as="ul" plain>
              {view.needs.map((n) => (
                <Text as="li" key={n.id} ruled inset={0.75}>
                  <Row gap={1}>
                    <Box sx={{ flex: 1 }}>{n.name}</Box>
                    <Text mono>{n.amount}</Text>
                  </Row>
                  <Text size="s" tone="ink2">
                    {n.note}
                  </Text>
                </Text>
              ))}
            </Text>
            <Text size="m" tone="ink2" above={1}>
              <Trans>It is counted into the shopping of the job where this part has something to be covered.</Trans>
            </Text>
          </>
        )}
      </Aside>
    </Columns>
  );
}
