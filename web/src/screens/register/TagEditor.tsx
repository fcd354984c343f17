import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { useWriteTag, type TagBody } from '../../api/register';
import { useForm } from '../../parts/form';
import { Heading } from '../../parts/Headings';
import { tok } from '../../theme/tokens';
import { helds, whole, type Draft } from './draft';
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
  const write = useWriteTag(view.jobId);
  const of = useForm<TagBody>(draft.body);
  const send = async (typed: TagBody) => {
    const items = typed.items.map((i) => ({ ...i, what: i.what.trim() || typed.what }));
    await write.mutateAsync({ number: draft.number, body: { ...typed, items } });
    close(true);
  };
  const { field, set, value, submit, rest, pending } = of;
  const part = value('part').value;
  const into = draft.body.kind === 'in';
  const came = into ? t`Put in, counted` : t`Came off`;
  const keep = draft.number === null ? t`Write the tag` : t`Keep`;
  const turn = value('turn');
  return (
    <Box
      component="form"
      aria-label={draft.number === null ? t`A new tag` : t`Tag ${String(draft.number)}`}
      onSubmit={submit(send)}
      sx={{ background: tok('sheet'), borderLeft: `6px solid ${tok(into ? 'lead' : 'ink')}`, p: 2, mb: 2 }}
    >
      <Heading>{draft.number === null ? came : t`Tag ${String(draft.number)}`}</Heading>
      {rest && <Refused error={rest} />}
      <Columns gap={1.5} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        <TextField
          label={t`What it is`}
          placeholder={into ? t`Plugs in the bores` : t`Hatch and its screws`}
          {...field('what')}
        />
        <TextField
          select
          label={into ? t`Put into` : t`Came off`}
          {...field('part')}
          onChange={(e) => {
            set('part', e.target.value);
            if (value('itself').value === e.target.value) set('itself', '');
          }}
        >
          {view.parts.map((p) => (
            <MenuItem key={p.id} value={p.id}>
              {p.name}
            </MenuItem>
          ))}
        </TextField>
        <Things of={of} into={into} />
        {!into && (
          <>
            <TextField select label={t`Kept`} {...field('held')}>
              {view.held.map((h) => (
                <MenuItem key={h} value={h}>
                  {spoken(helds[h]) || h}
                </MenuItem>
              ))}
            </TextField>
            <TextField label={t`Where that lies`} placeholder={t`shelf 3, left`} {...field('lies')} />
            <TextField
              select
              label={t`It is the part`}
              {...field('itself', t`where it is a part of this job with a route of its own`)}
            >
              <MenuItem value="">
                <Trans>none of them</Trans>
              </MenuItem>
              {view.parts
                .filter((p) => p.id !== part)
                .map((p) => (
                  <MenuItem key={p.id} value={p.id}>
                    {p.name}
                  </MenuItem>
                ))}
            </TextField>
            <TextField
              label={t`Came off as the`}
              placeholder={t`last so far`}
              {...field('turn', t`1 came off first; it goes back last`)}
              value={turn.value ?? ''}
              onChange={(e) => {
                turn.onChange(whole(e.target.value));
              }}
              slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
          </>
        )}
        <Columns across>
          <TextField
            label={t`Note`}
            placeholder={into ? t`pull strings to the left` : t`washer below, long one at the corner`}
            {...field('note')}
          />
        </Columns>
      </Columns>
      <Row gap={1} align="center" above={2}>
        <Button type="submit" variant="contained" disabled={pending}>
          {pending ? t`Writing …` : keep}
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
