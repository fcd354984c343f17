import { Box, Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useDropTag, useRegister, useRestoreTag, type Tag } from '../../api/register';
import { Pegs } from '../../figures/Pegs';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { mayUndo } from '../../shell/Undo';
import { textSize, tok } from '../../theme/tokens';
import { changed, fresh, type Draft } from './draft';
import { TagEditor } from './TagEditor';
import { TagLine } from './TagLine';

function said(view: Schemas['RegisterView']): string {
  if (view.tags.length === 0) return 'nothing on it yet';
  const off = view.off === 0 ? 'nothing is off' : `${String(view.off)} things off`;
  const into = view.in === 0 ? 'nothing left in' : `${String(view.in)} still in`;
  return `${String(view.tags.length)} tags · ${off} · ${into}`;
}

function Untagged({ view, write }: { view: Schemas['RegisterView']; write: (draft: Draft) => void }) {
  if (view.untagged.length === 0) return null;
  return (
    <Box sx={{ mb: 2 }}>
      <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>Comes off by its ties, and has no tag yet:</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        {view.untagged.map((u) => (
          <Button
            key={u.itself}
            size="small"
            onClick={() => {
              write(fresh('off', u.part, u));
            }}
          >
            {u.name} off {u.partName}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

/** What can be done with it: write a tag, turn it round, print its labels. */
function Doing({
  view,
  together,
  write,
}: {
  view: Schemas['RegisterView'];
  together: boolean;
  write: (draft: Draft) => void;
}) {
  const [, ask] = useSearchParams();
  const first = view.parts[0]?.id ?? '';
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 2, '@media print': { display: 'none' } }}>
        <Button
          variant="contained"
          onClick={() => {
            write(fresh('off', first));
          }}
        >
          Something came off
        </Button>
        <Button
          onClick={() => {
            write(fresh('in', first));
          }}
        >
          Something was put in
        </Button>
        {view.tags.length > 0 && (
          <>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={together ? 'together' : 'apart'}
              aria-label="Which way the register is read"
              onChange={(_, way: string | null) => {
                if (way) ask(way === 'together' ? { way } : {}, { replace: true });
              }}
              sx={{ ml: { sm: 'auto' } }}
            >
              <ToggleButton value="apart">Taking apart</ToggleButton>
              <ToggleButton value="together">Putting together</ToggleButton>
            </ToggleButtonGroup>
            <Button component={Link} to={`/job/${view.jobId}/labels`}>
              Labels
            </Button>
          </>
        )}
      </Box>
      <Untagged view={view} write={write} />
    </>
  );
}

/** The strip-down register of a job: forwards while it comes apart, backwards while it goes together. */
export function Register() {
  const { job = '' } = useParams();
  const [asked, ask] = useSearchParams();
  const read = useRegister(job);
  const drop = useDropTag(job);
  const restore = useRestoreTag(job);
  const [draft, setDraft] = useState<Draft | null>(null);
  const [failed, setFailed] = useState('');
  if (read.isPending) return <Loading />;
  if (read.isError) return <Failed error={read.error} />;
  const view = read.data;
  const together = asked.get('way') === 'together';
  const chosen = Number(asked.get('tag') ?? 0);
  const by = new Map(view.tags.map((t) => [t.number, t]));
  const tags = together ? view.backwards.flatMap((n) => by.get(n) ?? []) : view.tags;
  const write = (next: Draft) => {
    setFailed('');
    setDraft(next);
    window.scrollTo({ top: 0 });
  };
  const fail = (why: string) => {
    setFailed(why);
    window.scrollTo({ top: 0 });
  };
  const gone = (tag: Tag) => {
    drop.mutate(tag.number, {
      onSuccess: () => {
        mayUndo(`Tag ${String(tag.number)} is off the register.`, () => restore.mutateAsync(tag.number));
      },
      onError: (cause) => {
        fail(cause.message);
      },
    });
  };
  return (
    <Box sx={{ p: { xs: 2, sm: 3 }, maxWidth: 1100 }}>
      <Title sub={said(view)}>Strip-down register</Title>
      {failed && (
        <div role="alert">
          <Notice title="Not done">{failed}</Notice>
        </div>
      )}
      {view.parts.length === 0 && (
        <Box>This job has no parts yet. Take a part in first; what comes off it is written down here.</Box>
      )}
      {draft && (
        <TagEditor
          key={String(draft.number)}
          view={view}
          draft={draft}
          close={() => {
            setDraft(null);
          }}
        />
      )}
      {view.parts.length > 0 && !draft && <Doing view={view} together={together} write={write} />}
      {view.missing.length > 0 && (
        <Notice tone="brass" title="To be had before it can go together">
          {view.missing.map((m) => (
            <div key={m}>{m}</div>
          ))}
        </Notice>
      )}
      {together && view.off + view.in === 0 && view.tags.length > 0 && (
        <Notice tone="deep" title="All of it is back on, and nothing is left in." />
      )}
      {view.parts.length > 0 && view.tags.length === 0 && !draft && (
        <Box sx={{ color: tok('ink2'), maxWidth: 640 }}>
          One tag for each thing that comes off: its number goes on the bag. Read backwards it is the way together, with
          a tick for each screw. Plugs, rags and rivet tails are counted in here, too, and out again before anything is
          closed.
        </Box>
      )}
      {tags.length > 0 && (
        <Pegs
          tags={tags}
          chosen={chosen}
          pick={(n) => {
            ask(together ? { way: 'together', tag: String(n) } : { tag: String(n) }, { replace: true });
          }}
        />
      )}
      <Box component="ol" aria-label={together ? 'Tags, last off first' : 'Tags, first off first'} sx={{ m: 0, p: 0 }}>
        {tags.map((t) => (
          <TagLine
            key={t.number}
            job={job}
            tag={t}
            ticking={together}
            chosen={t.number === chosen}
            failed={fail}
            change={() => {
              write(changed(t));
            }}
            drop={() => {
              gone(t);
            }}
          />
        ))}
      </Box>
    </Box>
  );
}
