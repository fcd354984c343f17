import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { type SubmitEvent, useState } from 'react';
import { Refusal, type Schemas } from '../../api/client';
import { useSaveWorkshop, useWorkshop } from '../../api/workshop';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { Crew } from '../schedule/Crew';
import { Gear } from './Gear';
import { OwnCatalogue } from './OwnCatalogue';

function Form({ view }: { view: Schemas['WorkshopView'] }) {
  const save = useSaveWorkshop();
  const [hourRate, setRate] = useState(view.hourRate);
  const [currency, setCurrency] = useState(view.currency);
  const [limit, setLimit] = useState(view.vocLimit === null ? '' : String(view.vocLimit));
  const [gallon, setGallon] = useState(view.gallon);
  const [local, setLocal] = useState<Record<string, string>>(
    Object.fromEntries(view.local.map((rule) => [rule.id, rule.text])),
  );
  const refused = save.error instanceof Refusal ? save.error : null;
  const wrong = (field: string) => refused?.at(`/${field}`);
  const send = (e: SubmitEvent) => {
    e.preventDefault();
    const figure = Number.isNaN(Number(limit)) ? (limit as unknown as number) : Number(limit);
    save.mutate({
      version: view.version,
      currency,
      hourRate,
      vocLimit: limit === '' ? null : figure,
      local,
      gallon,
    });
  };
  return (
    <Box component="form" onSubmit={send}>
      <Title sub={t`What differs from place to place; it is shown at the steps and on the days it concerns`}>
        {view.name}
      </Title>
      <Heading>
        <Trans>Figures</Trans>
      </Heading>
      <Row gap={2} wrap below={3}>
        <TextField
          label={t`An hour of work is worth`}
          value={hourRate}
          onChange={(e) => {
            setRate(e.target.value);
          }}
          error={!!wrong('hourRate')}
          helperText={wrong('hourRate') ?? t`empty: work is not counted`}
          sx={{ width: 260 }}
        />
        <TextField
          label={t`Currency`}
          value={currency}
          onChange={(e) => {
            setCurrency(e.target.value);
          }}
          error={!!wrong('currency')}
          helperText={wrong('currency') ?? t`three letters`}
          sx={{ width: 160 }}
        />
        <TextField
          label={t`Most solvent into the air in a day, g`}
          value={limit}
          onChange={(e) => {
            setLimit(e.target.value);
          }}
          error={!!wrong('vocLimit')}
          helperText={wrong('vocLimit') ?? t`empty: no limit`}
          sx={{ width: 300 }}
        />
        <TextField
          select
          label={t`A bare gallon is`}
          value={gallon}
          onChange={(e) => {
            setGallon(e.target.value === 'us' ? 'us' : 'imperial');
          }}
          error={!!wrong('gallon')}
          helperText={wrong('gallon') ?? t`where somebody types gal, qt or fl oz alone`}
          sx={{ width: 260 }}
        >
          <MenuItem value="us">
            <Trans>the US gallon, 3.785 L</Trans>
          </MenuItem>
          <MenuItem value="imperial">
            <Trans>the imperial gallon, 4.546 L</Trans>
          </MenuItem>
        </TextField>
      </Row>
      <Heading>
        <Trans>Local rules</Trans>
      </Heading>
      <Text tone="ink2" below={1.5}>
        <Trans>
          Codes, permits and habits of your place in your own words. The general cautions stay; these stand beside them.
        </Trans>
      </Text>
      <Columns gap={2} cols={{ xs: '1fr', md: '1fr 1fr' }}>
        {view.local.map((rule) => (
          <TextField
            key={rule.id}
            label={rule.name}
            value={local[rule.id] ?? ''}
            multiline
            minRows={2}
            onChange={(e) => {
              setLocal({ ...local, [rule.id]: e.target.value });
            }}
            error={!!wrong(`local/${rule.id}`)}
            helperText={wrong(`local/${rule.id}`) ?? rule.hint}
          />
        ))}
      </Columns>
      {refused && (
        <div role="alert">
          <Notice title={t`Not stored`}>{refused.message}</Notice>
        </div>
      )}
      <Row gap={2} align="center" above={2}>
        <Button type="submit" variant="contained" disabled={save.isPending}>
          <Trans>Keep</Trans>
        </Button>
        <Text role="status" tone="zinc" weight="firm">
          {save.isSuccess && t`Kept.`}
        </Text>
      </Row>
    </Box>
  );
}

export function Yard() {
  const workshop = useWorkshop();
  if (workshop.isPending) return <Loading />;
  if (workshop.isError) return <Failed error={workshop.error} />;
  return (
    <Text roomy widest={1100}>
      <Form view={workshop.data} />
      <Gear />
      <Crew />
      <OwnCatalogue />
    </Text>
  );
}
