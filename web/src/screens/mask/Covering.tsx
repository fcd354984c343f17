import { Columns, Text } from '../../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import type { Schemas } from '../../api/client';
import { CoverPicture } from '../../figures/CoverPicture';
import { Explained } from '../../parts/Explained';

export type Line = Schemas['MaskingLineView'];

export const with_: Record<string, MessageDescriptor> = {
  plug: msg`plug`,
  tape: msg`tape all over`,
  film: msg`film, tape around it`,
  line: msg`fine line, tape on it`,
};

export function size(line: Line): string {
  if (line.by === 'plug') return line.across && `⌀ ${line.across}`;
  return [line.across, line.along].filter(Boolean).join(' × ');
}

export function Covering({ line, number }: { line: Line; number: number }) {
  return (
    <Columns
      as="li"
      cols={{ xs: '28px 96px 1fr', sm: '32px 96px 1fr 190px' }}
      ruled
      inset={1.25}
      sx={{ listStyle: 'none', gap: { xs: 1, sm: 2 } }}
    >
      <Text size="xl" tone="lead" weight="strong" mono>
        {number}
      </Text>
      <CoverPicture line={line} />
      <Text shrinks>
        <Text weight="strong">
          {line.count > 1 && `${String(line.count)} × `}
          {line.name}
        </Text>
        <Text size="m" tone="ink2">
          {[line.kind !== line.name && line.kind, size(line), line.why, line.on && t`on ${line.on}`]
            .filter(Boolean)
            .join(' · ')}
        </Text>
        <Box>{spoken(with_[line.by])}</Box>
        <Text size="m">
          {line.putOn ? (
            <>
              {line.before ? (
                <Trans>
                  On: <b>{line.putOn}</b>, before “{line.before}”.
                </Trans>
              ) : (
                <Trans>
                  On: <b>{line.putOn}</b>.
                </Trans>
              )}{' '}
              <Trans>
                Off: <b>{line.off || t`the route does not say`}</b>
              </Trans>
              {line.when && `, ${line.when}`}. {line.hours && t`On for ${line.hours}.`}
            </>
          ) : (
            t`This route has no step that puts it on.`
          )}
        </Text>
      </Text>
      <Box sx={{ gridColumn: { xs: '3', sm: 'auto' } }}>
        {line.tape && (
          <Box>
            <Trans>
              tape <Explained v={line.tape} label={t`Tape for ${line.name}`} />
            </Trans>
          </Box>
        )}
        {line.film && (
          <Box>
            <Trans>
              film <Explained v={line.film} label={t`Film for ${line.name}`} />
            </Trans>
          </Box>
        )}
        {line.estimated && (
          <Text size="s" tone="brass">
            <Trans>length estimated from the areas; measure it as a line in the survey</Trans>
          </Text>
        )}
      </Box>
    </Columns>
  );
}
