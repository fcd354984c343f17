import { Row, Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { type ChangeEvent, useDeferredValue, useRef, useState } from 'react';
import { useCheckOwn, useSaveOwn } from '../../api/catalogue';
import { type Schemas } from '../../api/client';
import { Notice } from '../../parts/Notice';
import { mono, textSize, tok } from '../../theme/tokens';
import { given } from '../../parts/given';

export function CatalogueEditor({ kept }: { kept: Schemas['OwnCatalogueView'] }) {
  const [text, setText] = useState(kept.text);
  const check = useCheckOwn(useDeferredValue(text));
  const save = useSaveOwn();
  const file = useRef<HTMLInputElement>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  const errors = check.data?.errors ?? [];
  const bring = async (e: ChangeEvent<HTMLInputElement>) => {
    const chosen = e.target.files?.[0];
    e.target.value = '';
    if (chosen) setText(await chosen.text());
  };
  const goTo = (line: number) => {
    const from =
      text
        .split('\n')
        .slice(0, line - 1)
        .join('\n').length + (line > 1 ? 1 : 0);
    const end = text.indexOf('\n', from);
    field.current?.focus();
    field.current?.setSelectionRange(from, end < 0 ? text.length : end);
  };
  return (
    <Box>
      <Row gap={1} wrap below={1.5}>
        {text.trim() === '' && (
          <Button
            onClick={() => {
              setText(kept.example);
            }}
          >
            <Trans>Begin with an example</Trans>
          </Button>
        )}
        <Button onClick={() => file.current?.click()}>
          <Trans>Open a file</Trans>
        </Button>
        <input
          ref={file}
          type="file"
          accept=".yaml,.yml,text/plain"
          hidden
          aria-label={t`Own catalogue file`}
          onChange={(e) => {
            void bring(e);
          }}
        />
        {kept.text !== '' && (
          <Button component="a" href="/api/workshop/catalogue/file" download>
            <Trans>Write to a file</Trans>
          </Button>
        )}
        <Button
          variant="contained"
          disabled={errors.length > 0 || save.isPending || text === kept.text}
          onClick={() => {
            save.mutate({ text, version: kept.version });
          }}
        >
          <Trans>Keep</Trans>
        </Button>
        <Text role="status" tone={errors.length ? 'lead' : 'zinc'} weight="firm" sx={{ alignSelf: 'center' }}>
          {given(
            errors.length > 0,
            plural(errors.length, { one: '# line needs mending', other: '# lines need mending' }),
          )
            .or(text.trim() === '', '')
            .or(text === kept.text, t`Kept; routes are planned with it.`)
            .else(t`Every entry can be used.`)}
        </Text>
      </Row>
      {save.isError && (
        <div role="alert">
          <Notice title={t`Not kept`}>{save.error.message}</Notice>
        </div>
      )}
      {errors.map((e) => (
        <Row
          key={`${e.line}-${e.detail}`}
          gap={1.5}
          align="center"
          below={0.5}
          flag="lead"
          sx={{ background: tok('leadWash'), px: 1.5 }}
        >
          <Button
            size="small"
            onClick={() => {
              goTo(e.line);
            }}
            sx={{ whiteSpace: 'nowrap', border: 0 }}
          >
            <Trans>Line {e.line}</Trans>
          </Button>
          <Text inset={0.75}>
            {e.detail}{' '}
            <Text as="span" tone="ink2">
              <Trans>Accepted: {e.accepted}.</Trans>
            </Text>
          </Text>
        </Row>
      ))}
      <TextField
        label={t`Own products, steps, supplies, systems and rules (YAML)`}
        multiline
        fullWidth
        minRows={text.trim() === '' ? 3 : 14}
        maxRows={30}
        value={text}
        inputRef={field}
        onChange={(e) => {
          setText(e.target.value);
        }}
        slotProps={{
          htmlInput: { spellCheck: false, style: { fontFamily: mono, fontSize: textSize.s, lineHeight: 1.45 } },
          inputLabel: { shrink: true },
        }}
        sx={{ mt: 1 }}
      />
    </Box>
  );
}
