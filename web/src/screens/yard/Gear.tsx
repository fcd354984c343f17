import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Checkbox, FormControlLabel } from '@mui/material';
import { useState } from 'react';
import { type Schemas } from '../../api/client';
import { useGear, useSaveGear } from '../../api/workshop';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';

const groups = [
  { kind: 'gear', title: msg`It has` },
  { kind: 'skill', title: msg`Somebody can do` },
  { kind: 'taste', title: msg`It works with` },
] as const;

/** One thing the yard may have, ticked where it has it. */
function Tick({ of, has, put }: { of: Schemas['CapabilityView']; has: boolean; put: (has: boolean) => void }) {
  return (
    <FormControlLabel
      sx={{ display: 'flex', alignItems: 'flex-start', mr: 0, mb: 0.5 }}
      control={
        <Checkbox
          checked={has}
          onChange={(_, now) => {
            put(now);
          }}
          sx={{ py: 0.5 }}
        />
      }
      label={
        <Box sx={{ pt: 0.5 }}>
          {of.name}
          <Text size="s" tone="ink2">
            {of.hint}
          </Text>
        </Box>
      }
    />
  );
}

function Ticks({ view, keep }: { view: Schemas['GearView']; keep: string }) {
  const save = useSaveGear();
  const [without, setWithout] = useState(view.all.filter((c) => !c.has).map((c) => c.id));
  return (
    <Box>
      <Columns gap={2} cols={{ xs: '1fr', sm: '2fr 1fr 1fr' }}>
        {groups.map((g) => (
          <Text key={g.kind} as="fieldset" shrinks sx={{ border: 0, m: 0, p: 0 }}>
            <Text as="legend" weight="firm" below={0.5} sx={{ p: 0 }}>
              {spoken(g.title)}
            </Text>
            <Box sx={{ columnCount: g.kind === 'gear' ? { xs: 1, sm: 2 } : 1, '& > *': { breakInside: 'avoid' } }}>
              {view.all
                .filter((c) => c.kind === g.kind)
                .map((c) => (
                  <Tick
                    key={c.id}
                    of={c}
                    has={!without.includes(c.id)}
                    put={(has) => {
                      setWithout(has ? without.filter((id) => id !== c.id) : [...without, c.id]);
                    }}
                  />
                ))}
            </Box>
          </Text>
        ))}
      </Columns>
      {save.isError && (
        <div role="alert">
          <Notice title={t`Not kept`}>{save.error.message}</Notice>
        </div>
      )}
      <Row gap={2} align="center" above={1.5}>
        <Button
          variant="contained"
          disabled={save.isPending}
          onClick={() => {
            save.mutate({ without, version: view.version });
          }}
        >
          {keep}
        </Button>
        <Text role="status" tone="zinc" weight="firm">
          {save.isSuccess && t`Kept; routes follow it.`}
        </Text>
      </Row>
    </Box>
  );
}

/** What the yard has, asked once; jobs that were not told otherwise follow it. */
export function Gear() {
  const gear = useGear();
  return (
    <Text as="section" aria-label={t`What the yard has`} above={4}>
      <Heading>
        <Trans>What the yard has</Trans>
      </Heading>
      <Text tone="ink2" below={1.5} widest={760}>
        <Trans>
          Beside hand tools, brush, roller and drill. Routes leave out what is not ticked; a job can be told otherwise
          in its route.
        </Trans>
      </Text>
      {gear.isPending && <Loading />}
      {gear.isError && <Failed error={gear.error} />}
      {gear.isSuccess && <Ticks view={gear.data} keep={t`Keep what the yard has`} />}
    </Text>
  );
}

/** The same question before the first part is taken in. */
export function FirstGear({ view }: { view: Schemas['GearView'] }) {
  return (
    <Box>
      <Text below={1.5}>
        <Trans>
          Before the first part: what is there to work with? Hand tools, brush, roller and drill are taken as given. The
          routes leave out the rest; all of it can be changed later, under Yard or at the step that wants it.
        </Trans>
      </Text>
      <Ticks view={view} keep={t`That is what there is`} />
    </Box>
  );
}
