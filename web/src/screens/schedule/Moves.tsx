import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { when } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';
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
      <Box sx={{ fontSize: textSize.m, color: tok('ink2'), mb: 0.5 }}>{view.note}</Box>
      {moves.slice(0, 8).map((m) => (
        <Box key={m.id} sx={{ borderTop: `1px solid ${tok('rule')}`, py: 0.75, fontSize: textSize.m }}>
          <Box sx={{ fontWeight: 650 }}>
            {name(m.part)}: {m.name}
          </Box>
          <Box className="mono" sx={{ fontSize: textSize.s }}>
            {m.from && when(m.from, view.now)} → {m.to ? when(m.to, view.now) : t`no room`}
          </Box>
          {m.stays !== '' && <Box>{m.stays.charAt(0).toUpperCase() + m.stays.slice(1)}</Box>}
          <Box sx={{ color: tok('ink2') }}>
            {m.stays === '' ? m.why : t`Now: ${m.why}`}
            {m.paid && t`; ${m.paid.text} of making good first`}
          </Box>
        </Box>
      ))}
      {slips > 0 && (
        <Box sx={{ fontSize: textSize.m, color: tok('ink2'), borderTop: `1px solid ${tok('rule')}`, py: 0.75 }}>
          <Trans>{slips} more by less than an hour.</Trans>
        </Box>
      )}
      {moves.length > 8 && (
        <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
          <Trans>and {moves.length - 8} more that follow from these</Trans>
        </Box>
      )}
    </Box>
  );
}
