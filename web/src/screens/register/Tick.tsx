import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Checkbox } from '@mui/material';
import { type Tag } from '../../api/register';

/** How many of a thing are back on, or out again: all by the box, some by the two buttons. */
export function Tick({ tag, index, tick }: { tag: Tag; index: number; tick: (item: number, done: number) => void }) {
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
