import { Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { when } from '../../parts/time';
import { given } from '../../parts/given';

export function Moves({ view }: { view: Schemas['PlanView'] }) {
  const moves = view.moves.filter((m) => m.from !== null && !m.slip);
  const slips = view.moves.filter((m) => m.slip).length;
  if (!view.again) return null;
  const name = (part: string): string => view.parts.find((p) => p.id === part)?.name ?? '';
  return (
    <Box component="section" aria-label={t`What moved`}>
      <Heading>
        {given(moves.length > 0, plural(moves.length, { one: '# thing moved', other: '# things moved' }))
          .or(slips > 0, t`Only slips`)
          .else(t`Nothing had to move`)}
      </Heading>
      <Text size="m" tone="ink2" below={0.5}>
        {view.note}
      </Text>
      {moves.slice(0, 8).map((m) => (
        <Text key={m.id} size="m" ruled inset={0.75}>
          <Text weight="firm">
            {name(m.part)}: {m.name}
          </Text>
          <Text className="mono" size="s">
            {m.from && when(m.from, view.now)} → {m.to ? when(m.to, view.now) : t`no room`}
          </Text>
          {m.stays !== '' && <Box>{m.stays.charAt(0).toUpperCase() + m.stays.slice(1)}</Box>}
          <Text tone="ink2">
            {m.stays === '' ? m.why : t`Now: ${m.why}`}
            {m.rework && t`; ${m.rework.text} of making good first`}
          </Text>
        </Text>
      ))}
      {moves.length > 8 && (
        <Text size="m" tone="ink2" ruled inset={0.75}>
          <Trans>and {moves.length - 8} more that follow from these</Trans>
        </Text>
      )}
      {slips > 0 && (
        <Text size="m" tone="ink2" ruled inset={0.75}>
          <Trans>{slips} more by less than an hour.</Trans>
        </Text>
      )}
    </Box>
  );
}
