import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Checkbox } from '@mui/material';
import { useEffect, useRef, type ChangeEvent } from 'react';
import { Link } from 'react-router';
import { useTagPhoto, useTick, type Tag } from '../../api/register';
import { small } from '../../parts/picture';
import { dayOf } from '../../parts/time';
import { tok } from '../../theme/tokens';
import { helds } from './draft';

/** How many of a thing are back on, or out again: all by the box, some by the two buttons. */
function Tick({ tag, index, tick }: { tag: Tag; index: number; tick: (item: number, done: number) => void }) {
  const item = tag.items[index];
  if (!item) return null;
  const word = tag.kind === 'in' ? 'out' : t`back on`;
  const name = `${item.what} ${item.size}`.trim();
  return (
    <Row gap={0.5} align="center" sx={{ ml: { xs: 'auto', sm: 0 } }}>
      <Checkbox
        checked={item.done === item.count}
        indeterminate={item.done > 0 && item.done < item.count}
        onChange={(_, on) => {
          tick(index, on ? item.count : 0);
        }}
        slotProps={{ input: { 'aria-label': t`Tag ${String(tag.number)}: all of ${name} ${word}` } }}
      />
      {item.count > 1 && (
        <>
          <Button
            size="small"
            disabled={item.done === 0}
            onClick={() => {
              tick(index, item.done - 1);
            }}
            aria-label={t`One less of ${name} ${word}`}
            sx={{ minWidth: 40 }}
          >
            −
          </Button>
          <Text size="m" mono sx={{ minWidth: 62, textAlign: 'center' }}>
            <Trans>
              {item.done} of {item.count}
            </Trans>
          </Text>
          <Button
            size="small"
            disabled={item.done === item.count}
            onClick={() => {
              tick(index, item.done + 1);
            }}
            aria-label={t`One more of ${name} ${word}`}
            sx={{ minWidth: 40 }}
          >
            +
          </Button>
        </>
      )}
    </Row>
  );
}

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
        <Text as="ul" plain above={0.5}>
          {tag.items.map((item, n) => (
            <Row as="li" key={n} align="center" wrap sx={{ columnGap: 1.5, minHeight: 32 }}>
              <span>
                {item.count} × {item.what}{' '}
                <Text as="span" size="m" mono>
                  {item.size}
                </Text>
              </span>
              {!into && item.state !== 'reuse' && (
                <Text as="span" tone={item.state === 'clean' ? 'brass' : 'lead'} weight="middle">
                  {item.expected ? t`${item.stateWords}, expected ${dayOf(item.expected)}` : item.stateWords}
                </Text>
              )}
              {ticking && (
                <Tick
                  tag={tag}
                  index={n}
                  tick={(at, done) => {
                    tick.mutate({ number: tag.number, item: at, done }, { onError: trouble });
                  }}
                />
              )}
            </Row>
          ))}
        </Text>
        {ticking && !closed && tag.before.length > 0 && (
          <Text size="m" tone="lead" above={0.5}>
            <Trans>Before it: {tag.before.join('; ')}</Trans>
          </Text>
        )}
        {tag.photos.length > 0 && (
          <Row gap={1} wrap above={1}>
            {tag.photos.map((p) => (
              <a key={p.id} href={p.url} target="_blank" rel="noreferrer">
                <Box
                  component="img"
                  src={`${p.url}?small=1`}
                  alt={t`Tag ${String(tag.number)}: ${p.caption}`}
                  loading="lazy"
                  sx={{ display: 'block', height: 64, border: `1px solid ${tok('ink')}` }}
                />
              </a>
            ))}
          </Row>
        )}
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
