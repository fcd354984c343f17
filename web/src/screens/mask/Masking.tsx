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
import { ShapeDrawing } from '../../figures/ShapeDrawing';
import { Explained } from '../../parts/Explained';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { mono, textSize, tok } from '../../theme/tokens';

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
    <Box
      component="li"
      sx={{
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: { xs: '28px 96px 1fr', sm: '32px 96px 1fr 190px' },
        gap: { xs: 1, sm: 2 },
        py: 1.25,
        borderTop: `1px solid ${tok('rule')}`,
      }}
    >
      <Box sx={{ fontFamily: mono, fontWeight: 700, color: tok('lead'), fontSize: textSize.xl }}>{number}</Box>
      <CoverPicture line={line} />
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontWeight: 700 }}>
          {line.count > 1 && `${String(line.count)} × `}
          {line.name}
        </Box>
        <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
          {[line.kind !== line.name && line.kind, size(line), line.why, line.on && t`on ${line.on}`]
            .filter(Boolean)
            .join(' · ')}
        </Box>
        <Box>{spoken(with_[line.by])}</Box>
        <Box sx={{ fontSize: textSize.m }}>
          {line.putOn ? (
            <>
              <Trans>
                On: <b>{line.putOn}</b>
              </Trans>
              {line.before && t`, before “${line.before}”`}
              <Trans>. Off: </Trans>
              <b>{line.off || t`the route does not say`}</b>.
            </>
          ) : (
            t`This route has no step that puts it on.`
          )}
        </Box>
      </Box>
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
          <Box sx={{ fontSize: textSize.s, color: tok('brass') }}>
            <Trans>length estimated from the areas; measure it as a line in the survey</Trans>
          </Box>
        )}
      </Box>
    </Box>
  );
}

/** Plugs are counted in where they are counted out: in the register. */
function PlugsIn({ view }: { view: Schemas['MaskingView'] }) {
  const write = useWriteTag(view.jobId);
  const go = useNavigate();
  if (view.plugs.length === 0) return null;
  return (
    <Box sx={{ mt: 2 }}>
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
    </Box>
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
      <Box sx={{ p: 3, maxWidth: 720 }}>
        <Title>
          <Trans>No masking plan yet</Trans>
        </Title>
        <Notice title={t`What stands in the way`}>{view.obstacle}</Notice>
      </Box>
    );
  const first = view.shapes[0]?.name;
  const on = (name: string) =>
    view.lines.flatMap((l, n) =>
      l.kind !== '' && (l.on === name || (name === first && !view.shapes.some((s) => s.name === l.on))) ? [n + 1] : [],
    );
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 380px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 } }}>
        <Title sub={view.staysSays}>
          <Trans>Masking plan</Trans>
        </Title>
        {view.tooLong && <Notice title={t`No tape stays on that long`}>{view.staysSays}</Notice>}
        {view.lines.length === 0 && (
          <Box sx={{ color: tok('ink2'), maxWidth: 600 }}>
            <Trans>Nobody has said what stays bare or clean on this part. </Trans>
            <Link to="../survey">
              <Trans>Say it in the survey</Trans>
            </Link>
            <Trans>
              : bores, threads, seats, glass, lines to another colour. Until then tape and film are reckoned by area.
            </Trans>
          </Box>
        )}
        <Box component="ol" aria-label={t`What is covered`} sx={{ m: 0, p: 0 }}>
          {view.lines.map((l, n) => (
            <Covering key={n} line={l} number={n + 1} />
          ))}
        </Box>
        <PlugsIn view={view} />
      </Box>
      <Box
        component="aside"
        aria-label={t`Where it is, and what it takes`}
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        {view.shapes
          .filter((s) => on(s.name).length > 0)
          .map((s) => (
            <Box key={s.name} sx={{ mb: 2 }}>
              <Box sx={{ fontWeight: 700 }}>{s.name}</Box>
              <ShapeDrawing shape={s} label={s.name} marks={on(s.name)} />
            </Box>
          ))}
        {view.needs.length > 0 && (
          <>
            <Heading>
              <Trans>What it takes</Trans>
            </Heading>
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
              {view.needs.map((n) => (
                <Box component="li" key={n.id} sx={{ borderTop: `1px solid ${tok('rule')}`, py: 0.75 }}>
                  <Box sx={{ display: 'flex', gap: 1 }}>
                    <Box sx={{ flex: 1 }}>{n.name}</Box>
                    <Box sx={{ fontFamily: mono }}>{n.amount}</Box>
                  </Box>
                  <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>{n.note}</Box>
                </Box>
              ))}
            </Box>
            <Box sx={{ fontSize: textSize.m, color: tok('ink2'), mt: 1 }}>
              <Trans>It is counted into the shopping of the job where this part has something to be covered.</Trans>
            </Box>
          </>
        )}
      </Box>
    </Box>
  );
}
