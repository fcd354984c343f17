import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { useState } from 'react';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { usePlanWrite } from '../../api/plan';
import { type Week, days } from './week';
import { Hours } from './Hours';
import { Usual } from './Usual';
import { Weights } from './Weights';
import { Refused } from '../../parts/Refused';

interface Draft {
  people: { name: string; week: Week; off: string }[];
  quiet: Week;
  off: string;
  floors: string;
  gear: Record<string, number>;
  climate: string;
  worth: Record<string, string>;
}

const asText = (week: Record<string, string[]>): Week =>
  Object.fromEntries(days.map(([d]) => [d, (week[d] ?? []).join(', ')]));

const asHours = (week: Week): Record<string, string[]> =>
  Object.fromEntries(
    days.flatMap(([d]) => {
      const spans = (week[d] ?? '')
        .split(',')
        .map((s) => s.trim())
        .filter((s) => s !== '');
      return spans.length > 0 ? [[d, spans]] : [];
    }),
  );

export function CrewEditor({ crew }: { crew: Schemas['CrewView'] }) {
  const [d, setD] = useState<Draft>({
    people: crew.people.map((p) => ({ name: p.name, week: asText(p.hours), off: p.off.join(', ') })),
    quiet: asText(crew.quiet),
    off: crew.off.join(', '),
    floors: Object.entries(crew.floors)
      .map(([p, m]) => `${p}: ${m}`)
      .join(', '),
    gear: crew.gear,
    climate: crew.climate,
    worth: Object.fromEntries(Object.entries(crew.worth).map(([id, hours]) => [id, String(hours)])),
  });
  const save = usePlanWrite(async (body: Schemas['CrewBody']) => {
    await settle(api.PUT('/api/crew', { body }));
    return settle(api.POST('/api/plan', { body: { note: t`who works when has changed` } }));
  });
  const wrong = save.error instanceof Refusal ? save.error : null;
  const list = (text: string): string[] =>
    text
      .split(',')
      .map((s) => s.trim())
      .filter((s) => s !== '');
  const submit = () => {
    save.mutate({
      version: crew.version,
      people: d.people.map((p) => ({ name: p.name, hours: asHours(p.week), off: list(p.off) })),
      quiet: asHours(d.quiet),
      off: list(d.off),
      floors: Object.fromEntries(
        list(d.floors).map((f) => {
          const [place = '', m2 = ''] = f.split(':');
          return [place.trim(), m2.trim()];
        }),
      ),
      gear: d.gear,
      climate: d.climate,
      worth: Object.fromEntries(Object.entries(d.worth).map(([id, hours]) => [id, Number(hours.replace(',', '.'))])),
    });
  };
  return (
    <Columns gap={2}>
      {d.people.map((p, i) => (
        <Columns key={i} gap={1}>
          <Row gap={1} wrap>
            <TextField
              label={t`Who`}
              value={p.name}
              onChange={(e) => {
                setD({ ...d, people: d.people.map((q, k) => (k === i ? { ...q, name: e.target.value } : q)) });
              }}
              sx={{ width: 200 }}
            />
            <TextField
              label={t`Away on`}
              placeholder="2026-12-03, 2026-12-04"
              value={p.off}
              onChange={(e) => {
                setD({ ...d, people: d.people.map((q, k) => (k === i ? { ...q, off: e.target.value } : q)) });
              }}
              slotProps={{ htmlInput: { 'aria-label': t`${p.name || t`Somebody`} is away on` } }}
              sx={{ width: 240 }}
            />
            {d.people.length > 1 && (
              <Button
                onClick={() => {
                  setD({ ...d, people: d.people.filter((_, k) => k !== i) });
                }}
              >
                <Trans>Away for good</Trans>
              </Button>
            )}
          </Row>
          <Usual
            who={p.name || 'somebody'}
            choose={(week) => {
              setD({ ...d, people: d.people.map((q, k) => (k === i ? { ...q, week } : q)) });
            }}
          />
          <Hours
            label={t`Hours of ${p.name || 'somebody'}`}
            week={p.week}
            change={(week) => {
              setD({ ...d, people: d.people.map((q, k) => (k === i ? { ...q, week } : q)) });
            }}
          />
        </Columns>
      ))}
      <Box>
        <Button
          onClick={() => {
            setD({ ...d, people: [...d.people, { name: '', week: { sat: '9:00-13:00' }, off: '' }] });
          }}
        >
          <Trans>One more helper</Trans>
        </Button>
      </Box>
      <Box>
        <Text size="m" tone="ink2" below={1}>
          <Trans>Quiet hours: no grinders, no compressor</Trans>
        </Text>
        <Hours
          label={t`Quiet hours`}
          week={d.quiet}
          change={(quiet) => {
            setD({ ...d, quiet });
          }}
        />
      </Box>
      <Columns gap={1.5} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        <TextField
          label={t`Days off`}
          placeholder="2026-12-25, 2026-12-26"
          value={d.off}
          onChange={(e) => {
            setD({ ...d, off: e.target.value });
          }}
        />
        <TextField
          label={t`Room on the floor`}
          placeholder={t`Heated bay: 24 m2`}
          value={d.floors}
          onChange={(e) => {
            setD({ ...d, floors: e.target.value });
          }}
        />
      </Columns>
      <Weights
        crew={crew}
        climate={d.climate}
        worth={d.worth}
        change={(climate, worth) => {
          setD({ ...d, climate, worth });
        }}
      />
      {wrong && <Refused error={wrong} />}
      <Box>
        <Button variant="contained" disabled={save.isPending} onClick={submit}>
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
