import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { type Schemas, api, settle } from '../../api/client';
import { usePlanWrite } from '../../api/plan';
import { type Form, useForm } from '../../parts/form';
import { Refused } from '../../parts/Refused';
import { type CrewDraft, drafted, helper, sent } from './crew';
import { Hours } from './Hours';
import { Usual } from './Usual';
import { Weights } from './Weights';

/** One of those who work here: name, days away, hours of the week. */
function Worker({ of, i, gone }: { of: Form<CrewDraft>; i: number; gone: (() => void) | null }) {
  const { field, value } = of;
  const name = value(`people.${i}.name`).value || t`somebody`;
  return (
    <Columns gap={1}>
      <Row gap={1} wrap>
        <TextField label={t`Who`} {...field(`people.${i}.name`)} sx={{ width: 200 }} />
        <TextField
          label={t`Away on`}
          placeholder="2026-12-03, 2026-12-04"
          {...field(`people.${i}.off`)}
          slotProps={{ htmlInput: { 'aria-label': t`${name} is away on` } }}
          sx={{ width: 240 }}
        />
        {gone && (
          <Button onClick={gone}>
            <Trans>Away for good</Trans>
          </Button>
        )}
      </Row>
      <Usual who={name} choose={value(`people.${i}.hours`).onChange} />
      <Hours label={t`Hours of ${name}`} of={of} week={`people.${i}.hours`} />
    </Columns>
  );
}

export function CrewEditor({ crew }: { crew: Schemas['CrewView'] }) {
  const save = usePlanWrite(async (body: Schemas['CrewBody']) => {
    await settle(api.PUT('/api/crew', { body }));
    return settle(api.POST('/api/plan', { body: { note: t`who works when has changed` } }));
  });
  const of = useForm<CrewDraft>(drafted(crew));
  const send = (d: CrewDraft) => save.mutateAsync(sent(d, crew.version));
  const { field, value, submit, rest, pending } = of;
  const people = value('people');
  return (
    <Columns gap={2}>
      {people.value.map((_, i) => (
        <Worker
          key={i}
          of={of}
          i={i}
          gone={
            people.value.length > 1
              ? () => {
                  people.onChange(people.value.filter((_one, k) => k !== i));
                }
              : null
          }
        />
      ))}
      <Box>
        <Button
          onClick={() => {
            people.onChange([...people.value, helper()]);
          }}
        >
          <Trans>One more helper</Trans>
        </Button>
      </Box>
      <Box>
        <Text size="m" tone="ink2" below={1}>
          <Trans>Quiet hours: no grinders, no compressor</Trans>
        </Text>
        <Hours label={t`Quiet hours`} of={of} week="quiet" />
      </Box>
      <Columns gap={1.5} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        <TextField label={t`Days off`} placeholder="2026-12-25, 2026-12-26" {...field('off')} />
        <TextField label={t`Room on the floor`} placeholder={t`Heated bay: 24 m2`} {...field('floors')} />
      </Columns>
      <Weights crew={crew} of={of} />
      {rest && <Refused error={rest} />}
      <Box>
        <Button variant="contained" disabled={pending} onClick={submit(send)}>
          <Trans>Keep, and plan again</Trans>
        </Button>
        {save.isSuccess && (
          <Text as="span" role="status" tone="zinc" weight="firm" sx={{ ml: 2 }}>
            <Trans>Kept; the schedule follows.</Trans>
          </Text>
        )}
      </Box>
    </Columns>
  );
}
