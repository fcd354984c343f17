import { Columns, Text } from '../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../words/spoken';
import { msg } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Popover } from '@mui/material';
import type { Schemas } from '../api/client';
import { tok } from '../theme/tokens';

const sources: Record<string, MessageDescriptor> = {
  given: msg`from what you entered`,
  measured: msg`measured`,
  sheet: msg`your product sheet`,
  typical: msg`typical sheet figures`,
  estimate: msg`an estimate`,
};

interface Props {
  how: NonNullable<Schemas['Value']['how']>;
  id: string;
  anchor: HTMLElement;
  close: () => void;
}

/** How a figure was worked out: formula, inputs, what it rests on. */
export function How({ how, id, anchor, close }: Props) {
  return (
    <Popover open anchorEl={anchor} onClose={close} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}>
      <Text id={id} size="m" widest={340} sx={{ p: 2 }}>
        <Text weight="strong">{how.summary}</Text>
        <Text className="mono" size="s" above={1} below={1} sx={{ background: tok('wash'), p: 1 }}>
          {how.formula}
        </Text>
        <Columns as="dl" cols="auto auto" sx={{ m: 0, gap: '2px 12px' }}>
          {how.inputs.map((i) => (
            <Box key={i.label} sx={{ display: 'contents' }}>
              <Text as="dt" tone="ink2">
                {i.label}
              </Text>
              <Box component="dd" className="mono" sx={{ m: 0 }}>
                {i.text}
              </Box>
            </Box>
          ))}
        </Columns>
        <Text tone="ink2" above={1}>
          <Trans>
            Rests on: {spoken(sources[how.source]) || how.source} ({how.origin}).
          </Trans>
        </Text>
        {how.warnings.map((w) => (
          <Text key={w} tone="lead" weight="middle" above={0.5}>
            {w}
          </Text>
        ))}
      </Text>
    </Popover>
  );
}
