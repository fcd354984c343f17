import { Text } from '../../theme/layout';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import type { Schemas } from '../../api/client';
import { useHelp } from '../../api/plan';
import { when } from '../../parts/time';

/** What would give a part its hour, each tried. */
export function WouldHelp({ view, part }: { view: Schemas['PlanView']; part: string }) {
  const help = useHelp(part);
  if (help.isPending)
    return (
      <Box role="status">
        <Trans>Trying what could be otherwise …</Trans>
      </Box>
    );
  if (help.isError) return <Box role="alert">{help.error.message}</Box>;
  const found = help.data;
  return (
    <Text role="status" above={0.5}>
      {found.remedies.map((r) => (
        <Text key={r.says} inset={0.25}>
          <Trans>
            <b>{r.says}</b>: begun <span className="mono">{when(r.opens, view.now)}</span>, done{' '}
            <span className="mono">{when(r.finish, view.now)}</span>
          </Trans>
          {r.takes && `; ${r.takes}`}
        </Text>
      ))}
      {found.remedies.length === 0 && found.says === '' && (
        <Box>
          <Trans>By itself it has room: it is other work that is in its way.</Trans>
        </Box>
      )}
      {found.remedies.length === 0 && found.says !== '' && (
        <Box>
          <Trans>
            Nothing that was tried gives it an hour: heat, dry air, another place or film, another way to put it on.
          </Trans>
        </Box>
      )}
      {found.season && (
        <Box>
          <Trans>
            Or wait: in a usual year ({found.climate.toLowerCase()}) {found.season}.
          </Trans>
        </Box>
      )}
      <Text size="s" tone="ink2" above={0.5}>
        <Trans>Each was tried with this part alone, in the forecast and what comes after it.</Trans>
      </Text>
    </Text>
  );
}
