import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { Refusal, type Schemas } from '../../api/client';
import { useWriteTag, type TagBody } from '../../api/register';
import { Heading } from '../../parts/Headings';
import { tok } from '../../theme/tokens';
import { helds, type Draft } from './draft';
import { Things } from './Things';
import { Refused } from '../../parts/Refused';

/** One tag written or changed: what, off what, how many, in what, where that lies. */
export function TagEditor({
  view,
  draft,
  close,
}: {
  view: Schemas['RegisterView'];
  draft: Draft;
  close: (written: boolean) => void;
}) {
  const [body, setBody] = useState(draft.body);
  const write = useWriteTag(view.jobId);
  const into = body.kind === 'in';
  const came = into ? t`Put in, counted` : t`Came off`;
  const keep = draft.number === null ? t`Write the tag` : t`Keep`;
  const set = (change: Partial<TagBody>) => {
    setBody({ ...body, ...change });
  };
  const refused = write.error instanceof Refusal ? write.error : null;
  const at = (pointer: string) => refused?.at(pointer);
  const seen = refused && ['/what', '/part', '/lies', '/turn', '/note'].includes(refused.pointer);
  const text = (field: 'what' | 'lies' | 'note', label: string, placeholder: string) => (
    <TextField
      label={label}
      placeholder={placeholder}
      value={body[field] ?? ''}
      onChange={(e) => {
        set({ [field]: e.target.value });
      }}
      error={!!at(`/${field}`)}
      helperText={at(`/${field}`)}
    />
  );
  return (
    <Box
      component="form"
      aria-label={draft.number === null ? t`A new tag` : t`Tag ${String(draft.number)}`}
      onSubmit={(e) => {
        e.preventDefault();
        const items = body.items.map((i) => ({ ...i, what: i.what.trim() || body.what }));
        write.mutate(
          { number: draft.number, body: { ...body, items } },
          {
            onSuccess: () => {
              close(true);
            },
          },
        );
      }}
      sx={{ background: tok('sheet'), borderLeft: `6px solid ${tok(into ? 'lead' : 'ink')}`, p: 2, mb: 2 }}
    >
      <Heading>{draft.number === null ? came : t`Tag ${String(draft.number)}`}</Heading>
      {refused && !seen && !refused.pointer.startsWith('/items') && <Refused error={refused} />}
      <Columns gap={1.5} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        {text('what', t`What it is`, into ? t`Plugs in the bores` : t`Hatch and its screws`)}
        <TextField
          select
          label={into ? t`Put into` : t`Came off`}
          value={body.part}
          onChange={(e) => {
            set({ part: e.target.value, ...(body.itself === e.target.value ? { itself: '' } : {}) });
          }}
          error={!!at('/part')}
          helperText={at('/part')}
        >
          {view.parts.map((p) => (
            <MenuItem key={p.id} value={p.id}>
              {p.name}
            </MenuItem>
          ))}
        </TextField>
        <Things
          items={body.items}
          into={into}
          at={at}
          set={(items) => {
            set({ items });
          }}
        />
        {!into && (
          <>
            <TextField
              select
              label={t`Kept`}
              value={body.held ?? 'bag'}
              onChange={(e) => {
                set({ held: e.target.value });
              }}
            >
              {view.held.map((h) => (
                <MenuItem key={h} value={h}>
                  {spoken(helds[h]) || h}
                </MenuItem>
              ))}
            </TextField>
            {text('lies', t`Where that lies`, t`shelf 3, left`)}
            <TextField
              select
              label={t`It is the part`}
              value={body.itself ?? ''}
              onChange={(e) => {
                set({ itself: e.target.value });
              }}
              helperText={at('/itself') ?? t`where it is a part of this job with a route of its own`}
              error={!!at('/itself')}
            >
              <MenuItem value="">
                <Trans>none of them</Trans>
              </MenuItem>
              {view.parts
                .filter((p) => p.id !== body.part)
                .map((p) => (
                  <MenuItem key={p.id} value={p.id}>
                    {p.name}
                  </MenuItem>
                ))}
            </TextField>
            <TextField
              label={t`Came off as the`}
              placeholder={t`last so far`}
              value={body.turn ?? ''}
              onChange={(e) => {
                const turn = Number.parseInt(e.target.value, 10);
                set({ turn: Number.isNaN(turn) ? null : turn });
              }}
              error={!!at('/turn')}
              helperText={at('/turn') ?? t`1 came off first; it goes back last`}
              slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
          </>
        )}
        <Columns across>
          {text('note', t`Note`, into ? t`pull strings to the left` : t`washer below, long one at the corner`)}
        </Columns>
      </Columns>
      <Row gap={1} align="center" above={2}>
        <Button type="submit" variant="contained" disabled={write.isPending}>
          {write.isPending ? t`Writing …` : keep}
        </Button>
        <Button
          onClick={() => {
            close(false);
          }}
        >
          <Trans>Cancel</Trans>
        </Button>
        {draft.number === null && (
          <Text size="s" tone="ink2">
            <Trans>It gets the next number; write that on the bag.</Trans>
          </Text>
        )}
      </Row>
    </Box>
  );
}
