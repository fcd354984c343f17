import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { useEffect, useRef, type ChangeEvent } from 'react';
import { Link } from 'react-router';
import { useTagPhoto, useTick, type Tag } from '../../api/register';
import { small } from '../../parts/picture';
import { tok } from '../../theme/tokens';
import { helds } from './draft';
import { TagPhotos } from './TagPhotos';
import { TagItems } from './TagItems';

const plain = { border: 0, '&:hover': { border: 0, textDecoration: 'underline' } } as const;

/** A tag with what is on it, where it lies, and what goes on before it. */
export function TagLine({
  job,
  tag,
  ticking,
  chosen,
  change,
  drop,
  failed,
}: {
  job: string;
  tag: Tag;
  ticking: boolean;
  chosen: boolean;
  change: () => void;
  drop: () => void;
  failed: (why: string) => void;
}) {
  const tick = useTick(job);
  const photo = useTagPhoto(job);
  const file = useRef<HTMLInputElement>(null);
  const line = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (chosen) line.current?.scrollIntoView({ block: 'center' });
  }, [chosen]);
  const into = tag.kind === 'in';
  const closed = tag.open === 0;
  const open = into ? 'lead' : 'ink';
  const trouble = (cause: unknown) => {
    failed(cause instanceof Error ? cause.message : t`That did not work.`);
  };
  const take = async (e: ChangeEvent<HTMLInputElement>) => {
    const chosenFiles = [...(e.target.files ?? [])];
    e.target.value = '';
    try {
      for (const one of chosenFiles)
        await photo.mutateAsync({ number: tag.number, image: await small(one), caption: tag.what });
    } catch (cause) {
      trouble(cause);
    }
  };
  return (
    <Columns
      as="li"
      ref={line}
      aria-label={t`Tag ${String(tag.number)}`}
      cols={{ xs: '48px 1fr', sm: '64px 1fr auto' }}
      ruled
      inset={1.25}
      sx={{ listStyle: 'none', gap: { xs: 1, sm: 2 }, background: chosen ? tok('wash') : 'none' }}
    >
      <Text size="headline" tone={closed ? 'ink2' : open} weight="strong" mono sx={{ textAlign: 'center' }}>
        {tag.number}
      </Text>
      <Text shrinks>
        <Text weight="strong">
          {tag.what}
          {closed && (
            <Text as="span" tone="zinc" sx={{ ml: 1 }}>
              {into ? t`out again` : t`back on`}
            </Text>
          )}
        </Text>
        <Text size="m" tone="ink2">
          {into ? t`in ` : t`off `}
          <Link to={`/part/${tag.partId}/route`}>{tag.partName}</Link>
          {!into && ` · ${spoken(helds[tag.held]) || tag.held}`}
          {tag.lies && (
            <>
              {' · '}
              <b>{tag.lies}</b>
            </>
          )}
          {tag.note && ` · ${tag.note}`}
        </Text>
        <TagItems
          tag={tag}
          ticking={ticking}
          tick={(at, done) => {
            tick.mutate({ number: tag.number, item: at, done }, { onError: trouble });
          }}
        />
        {ticking && !closed && tag.before.length > 0 && (
          <Text size="m" tone="lead" above={0.5}>
            <Trans>Before it: {tag.before.join('; ')}</Trans>
          </Text>
        )}
        <TagPhotos tag={tag} />
      </Text>
      <Row
        gap={0.5}
        wrap
        sx={{ gridColumn: { xs: '2', sm: 'auto' }, alignSelf: 'start', '@media print': { display: 'none' } }}
      >
        <Button size="small" sx={plain} onClick={() => file.current?.click()} disabled={photo.isPending}>
          {photo.isPending ? t`Keeping …` : t`Photo`}
        </Button>
        <Button size="small" sx={plain} onClick={change} aria-label={t`Change tag ${String(tag.number)}`}>
          <Trans>Change</Trans>
        </Button>
        <Button size="small" sx={plain} onClick={drop} aria-label={t`Remove tag ${String(tag.number)}`}>
          <Trans>Remove</Trans>
        </Button>
        <input
          ref={file}
          type="file"
          accept="image/*"
          capture="environment"
          hidden
          aria-label={t`Photo of tag ${String(tag.number)}`}
          onChange={(e) => {
            void take(e);
          }}
        />
      </Row>
    </Columns>
  );
}
