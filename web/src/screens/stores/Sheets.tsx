import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { useState } from 'react';
import { type Schemas, api, settle } from '../../api/client';
import { useStoreWrite } from '../../api/store';
import { useForm } from '../../parts/form';
import { Heading } from '../../parts/Headings';
import { mono, textSize } from '../../theme/tokens';
import { Refused } from '../../parts/Refused';

/** Sheets of the yard's own tins; what a sheet says wins over the typical figure, field by field. */
export function Sheets({ view }: { view: Schemas['StoreView'] }) {
  const [isOpen, open] = useState(false);
  const keep = useStoreWrite(async (body: Schemas['SheetBody']) => {
    await settle(api.POST('/api/store/sheets', { body }));
    return undefined;
  });
  const { field, set, submit, rest, pending } = useForm<{ text: string }>({ text: '' });
  const send = async ({ text }: { text: string }) => {
    await keep.mutateAsync({ text, version: view.sheetsVersion });
    open(false);
  };
  const write = (text: string) => () => {
    set('text', text);
    open(true);
  };
  const drop = useStoreWrite(async (product: string) => {
    await settle(api.DELETE('/api/store/sheets/{product}', { params: { path: { product } } }));
    return undefined;
  });
  return (
    <Box component="section" aria-label={t`Sheets of your tins`}>
      <Heading>
        <Trans>Sheets of your tins</Trans>
      </Heading>
      {view.sheets.length === 0 && !isOpen && (
        <Text size="m" tone="ink2" below={1}>
          <Trans>Until a sheet is here, the typical figures of the class count.</Trans>
        </Text>
      )}
      {view.sheets.map((s) => (
        <Text key={s.class} ruled inset={1}>
          <Text weight="strong">{s.name}</Text>
          <Text size="s" tone="ink2">
            <Trans>
              for {s.product}; {s.source}
            </Trans>
          </Text>
          <Columns as="dl" cols="auto 1fr" size="s" sx={{ m: 0, gap: '0 12px' }}>
            {s.fields.map((f) => (
              <Box key={f.field} sx={{ display: 'contents' }}>
                <Text as="dt" tone="ink2">
                  {f.field}
                </Text>
                <Box component="dd" className="mono" sx={{ m: 0, overflowWrap: 'anywhere' }}>
                  {f.given}
                </Box>
              </Box>
            ))}
          </Columns>
          <Row gap={1} above={0.5}>
            <Button size="small" onClick={write(s.text)}>
              <Trans>Change</Trans>
            </Button>
            <Button
              size="small"
              onClick={() => {
                drop.mutate(s.class);
              }}
            >
              <Trans>Back to typical</Trans>
            </Button>
          </Row>
        </Text>
      ))}
      {!isOpen ? (
        <Button onClick={write(view.sheetExample)}>
          <Trans>Write one in</Trans>
        </Button>
      ) : (
        <Columns gap={1} above={1}>
          <TextField
            label={t`Sheet (YAML or JSON)`}
            multiline
            minRows={10}
            maxRows={24}
            {...field('text')}
            slotProps={{
              htmlInput: { spellCheck: false, style: { fontFamily: mono, fontSize: textSize.s } },
              inputLabel: { shrink: true },
            }}
          />
          {rest && <Refused error={rest} />}
          <Row gap={1}>
            <Button variant="contained" disabled={pending} onClick={submit(send)}>
              <Trans>Keep the sheet</Trans>
            </Button>
            <Button
              onClick={() => {
                open(false);
              }}
            >
              <Trans>Leave it</Trans>
            </Button>
          </Row>
        </Columns>
      )}
    </Box>
  );
}
