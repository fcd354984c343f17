import { Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useDropTag, useRegister, useRestoreTag, type Tag } from '../../api/register';
import { Pegs } from '../../figures/Pegs';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { mayUndo } from '../../shell/Undo';
import { changed, type Draft } from './draft';
import { TagEditor } from './TagEditor';
import { TagLine } from './TagLine';
import { Doing } from './Doing';

function said(view: Schemas['RegisterView']): string {
  if (view.tags.length === 0) return t`nothing on it yet`;
  const off = view.off === 0 ? t`nothing is off` : plural(view.off, { one: '# thing off', other: '# things off' });
  const into = view.in === 0 ? t`nothing left in` : t`${String(view.in)} still in`;
  return `${plural(view.tags.length, { one: '# tag', other: '# tags' })} · ${off} · ${into}`;
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
  const by = new Map(view.tags.map((tag) => [tag.number, tag]));
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
        mayUndo(t`Tag ${String(tag.number)} is off the register.`, () => restore.mutateAsync(tag.number));
      },
      onError: (cause) => {
        fail(cause.message);
      },
    });
  };
  return (
    <Text roomy widest={1100}>
      <Title sub={said(view)}>
        <Trans>Strip-down register</Trans>
      </Title>
      {failed && (
        <div role="alert">
          <Notice title={t`Not done`}>{failed}</Notice>
        </div>
      )}
      {view.parts.length === 0 && (
        <Box>
          <Trans>This job has no parts yet. Take a part in first; what comes off it is written down here.</Trans>
        </Box>
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
        <Notice tone="brass" title={t`To be had before it can go together`}>
          {view.missing.map((m) => (
            <div key={m}>{m}</div>
          ))}
        </Notice>
      )}
      {together && view.off + view.in === 0 && view.tags.length > 0 && (
        <Notice tone="deep" title={t`All of it is back on, and nothing is left in.`} />
      )}
      {view.parts.length > 0 && view.tags.length === 0 && !draft && (
        <Text tone="ink2" widest={640}>
          <Trans>
            One tag for each thing that comes off: its number goes on the bag. Read backwards it is the way together,
            with a tick for each screw. Plugs, rags and rivet tails are counted in here, too, and out again before
            anything is closed.
          </Trans>
        </Text>
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
      <Text as="ol" aria-label={together ? t`Tags, last off first` : t`Tags, first off first`} plain>
        {tags.map((tag) => (
          <TagLine
            key={tag.number}
            job={job}
            tag={tag}
            ticking={together}
            chosen={tag.number === chosen}
            failed={fail}
            change={() => {
              write(changed(tag));
            }}
            drop={() => {
              gone(tag);
            }}
          />
        ))}
      </Text>
    </Text>
  );
}
