import { Aside, Columns, Row, Text } from '../../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useMasking } from '../../api/parts';
import { useWriteTag } from '../../api/register';
import { CoverPicture } from '../../figures/CoverPicture';
import { MaskedFace } from '../../figures/MaskedFace';
import { Explained } from '../../parts/Explained';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';

type Line = Schemas['MaskingLineView'];

const with_: Record<string, MessageDescriptor> = {
  plug: msg`plug`,
  tape: msg`tape all over`,
  film: msg`film, tape around it`,
  line: msg`fine line, tape on it`,
};

function size(line: Line): string {
  if (line.by === 'plug') return line.across && `⌀ ${line.across}`;
  return [line.across, line.along].filter(Boolean).join(' × ');
}

function Covering({ line, number }: { line: Line; number: number }) {
  return (
    <Columns
      as="li"
      cols={{ xs: '28px 96px 1fr', sm: '32px 96px 1fr 190px' }}
      ruled
      inset={1.25}
      sx={{ listStyle: 'none', gap: { xs: 1, sm: 2 } }}
    >
      <Text size="xl" tone="lead" weight="strong" mono>
        {number}
      </Text>
      <CoverPicture line={line} />
      <Text shrinks>
        <Text weight="strong">
          {line.count > 1 && `${String(line.count)} × `}
          {line.name}
        </Text>
        <Text size="m" tone="ink2">
          {[line.kind !== line.name && line.kind, size(line), line.why, line.on && t`on ${line.on}`]
            .filter(Boolean)
            .join(' · ')}
        </Text>
        <Box>{spoken(with_[line.by])}</Box>
        <Text size="m">
          {line.putOn ? (
            <>
              {line.before ? (
                <Trans>
                  On: <b>{line.putOn}</b>, before “{line.before}”.
                </Trans>
              ) : (
                <Trans>
                  On: <b>{line.putOn}</b>.
                </Trans>
              )}{' '}
              <Trans>
                Off: <b>{line.off || t`the route does not say`}</b>
              </Trans>
              {line.when && `, ${line.when}`}. {line.hours && t`On for ${line.hours}.`}
            </>
          ) : (
            t`This route has no step that puts it on.`
          )}
        </Text>
      </Text>
      <Box sx={{ gridColumn: { xs: '3', sm: 'auto' } }}>
        {line.tape && (
          <Box>
            <Trans>
              tape <Explained v={line.tape} label={t`Tape for ${line.name}`} />
            </Trans>
          </Box>
        )}
        {line.film && (
          <Box>
            <Trans>
              film <Explained v={line.film} label={t`Film for ${line.name}`} />
            </Trans>
          </Box>
        )}
        {line.estimated && (
          <Text size="s" tone="brass">
            <Trans>length estimated from the areas; measure it as a line in the survey</Trans>
          </Text>
        )}
      </Box>
    </Columns>
  );
}

/** Plugs are counted in where they are counted out: in the register. */
function PlugsIn({ view }: { view: Schemas['MaskingView'] }) {
  const write = useWriteTag(view.jobId);
  const go = useNavigate();
  if (view.plugs.length === 0) return null;
  return (
    <Text above={2}>
      <Button
        disabled={write.isPending}
        onClick={() => {
          write.mutate(
            {
              number: null,
              body: {
                kind: 'in',
                what: t`Plugs in ${view.name}`,
                part: view.slug,
                items: view.plugs.map(({ what, size: of, count }) => ({ what, size: of, count })),
              },
            },
            {
              onSuccess: () => {
                void go(`/job/${view.jobId}/register`);
              },
            },
          );
        }}
      >
        <Trans>The plugs are in: count them in the register</Trans>
      </Button>
      {write.isError && (
        <div role="alert">
          <Notice title={t`Not written`}>{write.error.message}</Notice>
        </div>
      )}
    </Text>
  );
}

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
