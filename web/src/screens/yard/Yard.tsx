import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { useSaveWorkshop, useWorkshop } from '../../api/workshop';
import { useForm } from '../../parts/form';
import { Heading, Title } from '../../parts/Headings';
import { Refused } from '../../parts/Refused';
import { Failed, Loading } from '../../parts/Waiting';
import { Crew } from '../schedule/Crew';
import { Gear } from './Gear';
import { OwnCatalogue } from './OwnCatalogue';

interface Figures {
  hourRate: string;
  currency: string;
  vocLimit: string;
  gallon: Schemas['WorkshopBody']['gallon'];
  local: Record<string, string>;
}

function Form({ view }: { view: Schemas['WorkshopView'] }) {
  const save = useSaveWorkshop();
  const { field, submit, rest, pending } = useForm<Figures>({
    hourRate: view.hourRate,
    currency: view.currency,
    vocLimit: view.vocLimit === null ? '' : String(view.vocLimit),
    gallon: view.gallon,
    local: Object.fromEntries(view.local.map((rule) => [rule.id, rule.text])),
  });
  const send = ({ vocLimit, ...typed }: Figures) => {
    const figure = Number.isNaN(Number(vocLimit)) ? (vocLimit as unknown as number) : Number(vocLimit);
    return save.mutateAsync({ ...typed, version: view.version, vocLimit: vocLimit === '' ? null : figure });
  };
  return (
    <Box component="form" onSubmit={submit(send)}>
      <Title sub={t`What differs from place to place; it is shown at the steps and on the days it concerns`}>
        {view.name}
      </Title>
      <Heading>
        <Trans>Figures</Trans>
      </Heading>
      <Row gap={2} wrap below={3}>
        <TextField
          label={t`An hour of work is worth`}
          {...field('hourRate', t`empty: work is not counted`)}
          sx={{ width: 260 }}
        />
        <TextField label={t`Currency`} {...field('currency', t`three letters`)} sx={{ width: 160 }} />
        <TextField
          label={t`Most solvent into the air in a day, g`}
          {...field('vocLimit', t`empty: no limit`)}
          sx={{ width: 300 }}
        />
        <TextField
          select
          label={t`A bare gallon is`}
          {...field('gallon', t`where somebody types gal, qt or fl oz alone`)}
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
          <TextField key={rule.id} label={rule.name} multiline minRows={2} {...field(`local.${rule.id}`, rule.hint)} />
        ))}
      </Columns>
      {rest && <Refused error={rest} title={t`Not stored`} />}
      <Row gap={2} align="center" above={2}>
        <Button type="submit" variant="contained" disabled={pending}>
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
