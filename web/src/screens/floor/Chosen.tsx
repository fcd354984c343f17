import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { weekday } from '../../parts/time';

export const dayWords = (day: string) => weekday(new Date(`${day}T12:00:00Z`));

export function Chosen({ view, part }: { view: Schemas['FloorView']; part: string }) {
  const stays = view.places.flatMap((p) => p.stays.filter((s) => s.partId === part).map((s) => ({ ...s, at: p.name })));
  const first = stays[0];
  if (!first)
    return (
      <Text tone="ink2">
        <Trans>Pick a part on the floor to see where it stands, and when.</Trans>
      </Text>
    );
  return (
    <>
      <Heading>{first.name}</Heading>
      <Text size="m" tone="ink2">
        {first.job} · {first.size}
        {first.reckoned && t`, reckoned from its surface: `}
        {first.reckoned && (
          <Link to={`/part/${part}/survey`}>
            <Trans>measure it</Trans>
          </Link>
        )}
      </Text>
      <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
        {stays.map((s, n) => (
          <li key={n}>
            {s.at}, {dayWords(view.days[s.from] ?? '')}
            {s.to > s.from && t` to ${dayWords(view.days[s.to] ?? view.days[view.days.length - 1] ?? '')}`}
            {!s.fits && (
              <b>
                <Trans> · no spot of its own</Trans>
              </b>
            )}
          </li>
        ))}
      </Box>
    </>
  );
}
