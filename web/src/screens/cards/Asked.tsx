import { Columns } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Field } from './Field';
import { type Draft } from './draft';

export function Asked({
  kind,
  draft,
  change,
  wrong,
  parts,
}: {
  kind: Schemas['WorkKindView'];
  draft: Draft;
  change: (d: Draft) => void;
  wrong: { field: string; text: string };
  parts: Schemas['Option'][];
}) {
  const at = (name: string): string | undefined => (wrong.field === name ? wrong.text : undefined);
  return (
    <Columns className="no-print" gap={1.25}>
      <TextField
        size="small"
        label={t`Name of the card`}
        value={draft.name}
        onChange={(e) => {
          change({ ...draft, name: e.target.value });
        }}
        error={!!at('name')}
        helperText={at('name')}
      />
      <TextField
        select
        size="small"
        label={t`For the part`}
        value={draft.part}
        onChange={(e) => {
          change({ ...draft, part: e.target.value });
        }}
        error={!!at('part')}
        helperText={at('part')}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">
          <Trans>none in particular</Trans>
        </MenuItem>
        {parts.map((p) => (
          <MenuItem key={p.id} value={p.id}>
            {p.name}
          </MenuItem>
        ))}
      </TextField>
      {kind.rowsField && (
        <Box>
          {draft.rows.map((row, i) => (
            <Columns key={i} gap={0.75} cols={`repeat(${kind.rowFields.length}, 1fr) auto`} below={0.75}>
              {kind.rowFields.map((f) => (
                <Field
                  key={f.name}
                  field={f}
                  value={row[f.name] ?? ''}
                  wrong={at(`${kind.rowsField}/${i}/${f.name}`)}
                  change={(v) => {
                    change({ ...draft, rows: draft.rows.map((r, k) => (k === i ? { ...r, [f.name]: v } : r)) });
                  }}
                />
              ))}
              <Button
                size="small"
                aria-label={t`Take section ${i + 1} out`}
                onClick={() => {
                  change({ ...draft, rows: draft.rows.filter((_, k) => k !== i) });
                }}
              >
                <Trans>Out</Trans>
              </Button>
            </Columns>
          ))}
          <Button
            size="small"
            onClick={() => {
              change({ ...draft, rows: [...draft.rows, {}] });
            }}
          >
            <Trans>One more section</Trans>
          </Button>
        </Box>
      )}
      <Columns gap={1.25} cols="1fr 1fr">
        {kind.fields.map((f) => (
          <Field
            key={f.name}
            field={f}
            value={draft.inputs[f.name] ?? ''}
            wrong={at(f.name) ?? at(`inputs/${f.name}`)}
            change={(v) => {
              change({ ...draft, inputs: { ...draft.inputs, [f.name]: v } });
            }}
          />
        ))}
      </Columns>
    </Columns>
  );
}
