import { Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';

/** What finds no room before the end of what is known, and why. */
export function NoRoom({ view }: { view: Schemas['PlanView'] }) {
  return (
    <>
      {view.unplaced.length > 0 && (
        <Box component="section" aria-label={t`No room`}>
          <Heading>
            <Trans>Finds no room</Trans>
          </Heading>
          {view.parts
            .map((p) => ({ part: p, lost: view.unplaced.filter((l) => l.part === p.id) }))
            .filter(({ lost }) => lost.length > 0)
            .map(({ part, lost }) => (
              <Text key={part.id} size="m" inset={0.5}>
                <b>{part.name}</b>: {plural(lost.length, { one: 'one step waits', other: '# steps wait' })}
                <Trans>, {lost[0]?.name} first</Trans>
                {view.closed.some((c) => c.part === part.id) ? '.' : `: ${lost[0]?.says ?? ''}.`}
              </Text>
            ))}
        </Box>
      )}
    </>
  );
}
