import { Columns, Text } from '../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Popover } from '@mui/material';
import { useId, useState } from 'react';
import type { Schemas } from '../api/client';
import { mono, tok } from '../theme/tokens';

const sources: Record<string, MessageDescriptor> = {
  given: msg`from what you entered`,
  measured: msg`measured`,
  sheet: msg`your product sheet`,
  typical: msg`typical sheet figures`,
  estimate: msg`an estimate`,
};

/** A figure that explains itself on a tap: formula, inputs, source. */
export function Explained({
  v,
  size = 'inherit',
  label,
}: {
  v: Schemas['Value'];
  size?: number | 'inherit';
  label?: string;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const id = useId();
  const how = v.how;
  const style = {
    fontFamily: mono,
    fontSize: size,
    fontWeight: 600,
    fontVariantNumeric: 'tabular-nums',
    color: 'inherit',
    lineHeight: 1.15,
  };
  if (!how)
    return (
      <Box component="span" sx={style}>
        {v.text}
      </Box>
    );
  return (
    <>
      <Box
        component="button"
        type="button"
        aria-label={t`${label ?? how.summary}: ${v.text}. How is this worked out?`}
        aria-describedby={anchor ? id : undefined}
        onClick={(e) => {
          setAnchor(e.currentTarget);
        }}
        sx={{
          ...style,
          background: 'none',
          border: 0,
          p: 0,
          m: 0,
          minHeight: 28,
          cursor: 'help',
          textAlign: 'left',
          borderBottom: `1px dotted ${tok('phos')}`,
        }}
      >
        {v.text}
      </Box>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => {
          setAnchor(null);
        }}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      >
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
    </>
  );
}
