import { Box, Button, TextField } from '@mui/material';
import { useDeferredValue, useRef, useState, type ChangeEvent } from 'react';
import type { Schemas } from '../api/client';
import { useCheckOwn, useOwnCatalogue, useSaveOwn } from '../api/hooks';
import { Failed, Heading, Loading, Notice } from '../parts/Bits';
import { mono, tok } from '../theme/tokens';

function Editor({ kept }: { kept: Schemas['OwnCatalogueView'] }) {
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
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1.5 }}>
        {text.trim() === '' && (
          <Button
            onClick={() => {
              setText(kept.example);
            }}
          >
            Begin with an example
          </Button>
        )}
        <Button onClick={() => file.current?.click()}>Open a file</Button>
        <input
          ref={file}
          type="file"
          accept=".yaml,.yml,text/plain"
          hidden
          aria-label="Own catalogue file"
          onChange={(e) => {
            void bring(e);
          }}
        />
        {kept.text !== '' && (
          <Button component="a" href="/api/workshop/catalogue/file" download>
            Write to a file
          </Button>
        )}
        <Button
          variant="contained"
          disabled={errors.length > 0 || save.isPending || text === kept.text}
          onClick={() => {
            save.mutate({ text, version: kept.version });
          }}
        >
          Keep
        </Button>
        <Box role="status" sx={{ alignSelf: 'center', fontWeight: 650, color: tok(errors.length ? 'lead' : 'zinc') }}>
          {errors.length > 0
            ? `${errors.length} ${errors.length === 1 ? 'line needs' : 'lines need'} mending`
            : text.trim() === ''
              ? ''
              : text === kept.text
                ? 'Kept; routes are planned with it.'
                : 'Every entry can be used.'}
        </Box>
      </Box>
      {save.isError && (
        <div role="alert">
          <Notice title="Not kept">{save.error.message}</Notice>
        </div>
      )}
      {errors.map((e) => (
        <Box
          key={`${e.line}-${e.detail}`}
          sx={{
            display: 'flex',
            gap: 1.5,
            alignItems: 'center',
            borderLeft: `6px solid ${tok('lead')}`,
            background: tok('leadWash'),
            px: 1.5,
            mb: 0.5,
          }}
        >
          <Button
            size="small"
            onClick={() => {
              goTo(e.line);
            }}
            sx={{ whiteSpace: 'nowrap', border: 0 }}
          >
            Line {e.line}
          </Button>
          <Box sx={{ py: 0.75 }}>
            {e.detail}{' '}
            <Box component="span" sx={{ color: tok('ink2') }}>
              Accepted: {e.accepted}.
            </Box>
          </Box>
        </Box>
      ))}
      <TextField
        label="Own products, steps, supplies, systems and rules (YAML)"
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
          htmlInput: { spellCheck: false, style: { fontFamily: mono, fontSize: 13.5, lineHeight: 1.45 } },
          inputLabel: { shrink: true },
        }}
        sx={{ mt: 1 }}
      />
    </Box>
  );
}

/** A workshop's own products and steps beside the shipped ones. */
export function OwnCatalogue() {
  const own = useOwnCatalogue();
  return (
    <Box component="section" aria-label="Own products and steps" sx={{ mt: 4 }}>
      <Heading>Own products and steps</Heading>
      <Box sx={{ color: tok('ink2'), mb: 1.5, maxWidth: 760 }}>
        What your yard uses beside the typical classes, in the form of the shipped catalogue. It is checked as you type,
        line by line; routes, mixes and windows then reckon with it.
      </Box>
      {own.isPending ? (
        <Loading />
      ) : own.isError ? (
        <Failed error={own.error} />
      ) : (
        <Editor kept={own.data} key={own.data.text} />
      )}
    </Box>
  );
}
