import { Columns, Row, Text } from '../../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, TextField } from '@mui/material';
import { type SubmitEvent, useState } from 'react';
import { useParams } from 'react-router';
import { Refusal, type Schemas } from '../../api/client';
import { useCover, useLog } from '../../api/parts';
import { Notice } from '../../parts/Notice';
import { QuantityField } from '../../parts/QuantityField';
import { fromLocalInput, toLocalInput } from '../../parts/time';
import { tok } from '../../theme/tokens';
import { Cover } from '../mix/MixClocks';
import { kinds } from './kinds';

const choices = ['finish', 'start', 'reading', 'note', 'still-wet', 'still-tacky', 'still-soft', 'unharmed', 'failed'];

/** What may be done all the same, when somebody writes why. */
const reasons: Record<string, { field: 'outside' | 'despite'; title: MessageDescriptor } | undefined> = {
  '/outside': { field: 'outside', title: msg`Outside its limits` },
  '/despite': { field: 'despite', title: msg`Something is still left in, or lies about` },
};

export function Writer({
  view,
  correcting,
  done,
}: {
  view: Schemas['RecordView'];
  correcting: Schemas['EntryView'] | null;
  done: () => void;
}) {
  const { part = '' } = useParams();
  const log = useLog(part);
  const open = view.steps.filter((s) => s.status !== 'done');
  const next = open.find((s) => s.status !== 'passed');
  const running = open.find((s) => s.status === 'running');
  const [kind, setKind] = useState('finish');
  const [step, setStep] = useState(correcting?.stepKey ?? running?.key ?? next?.key ?? '');
  const [at, setAt] = useState(toLocalInput(correcting ? new Date(correcting.at) : new Date()));
  const [temperature, setTemperature] = useState(correcting?.temperature ?? '');
  const [humidity, setHumidity] = useState(correcting?.humidity ?? '');
  const [note, setNote] = useState(correcting?.note ?? '');
  const [used, setUsed] = useState(correcting?.used ?? '');
  const [film, setFilm] = useState(correcting?.film ?? '');
  const [reason, setReason] = useState('');
  const [asked, setAsked] = useState('');
  const [answer, setAnswer] = useState<Schemas['LogAnswer'] | null>(null);
  const withStep = correcting ? correcting.stepKey !== null : ['start', 'finish', 'failed'].includes(kind);
  // What was finished may turn out not to pass; the rest is still to do.
  const finished = view.steps.filter((s) => s.status === 'done' && !s.coat).reverse();
  const failing = kind === 'failed' && !correcting;
  const offered = failing ? [...finished, ...open.filter((s) => !s.coat)] : open;
  const first = failing ? (offered[0]?.key ?? '') : (running?.key ?? next?.key ?? '');
  const chosen = offered.some((s) => s.key === step) || correcting ? step : first;
  const coat =
    (view.steps.find((s) => s.key === chosen)?.coat ?? false) &&
    (correcting ? correcting.kind === 'finish' : kind === 'finish' || kind === 'start');
  const cover = useCover(part, coat && !correcting ? chosen : '');
  const wrong = log.error instanceof Refusal ? log.error : null;
  const asks = reasons[asked];
  const write = (e: SubmitEvent, withdrawn = false) => {
    e.preventDefault();
    // Only what somebody read and typed is a reading; air left alone stays what the place is reckoned at.
    const same = correcting !== null && temperature === correcting.temperature && humidity === correcting.humidity;
    const air = same
      ? {}
      : { ...(temperature.trim() ? { temperature } : {}), ...(humidity.trim() ? { humidity } : {}) };
    log.mutate(
      {
        kind: correcting ? 'correction' : kind,
        at: correcting && at === toLocalInput(new Date(correcting.at)) ? correcting.at : fromLocalInput(at),
        ...(withStep ? { step: chosen } : {}),
        ...air,
        ...(note.trim() ? { note } : {}),
        ...(asks && reason.trim() ? { [asks.field]: reason } : {}),
        ...(coat && used.trim() && used !== correcting?.used ? { used } : {}),
        ...(coat && film.trim() && film !== correcting?.film ? { film } : {}),
        ...(correcting ? { corrects: correcting.id, withdrawn } : {}),
      },
      {
        onSuccess: (a) => {
          setAnswer(a);
          setNote('');
          setUsed('');
          setFilm('');
          setReason('');
          setAsked('');
          setTemperature('');
          setHumidity('');
          setAt(toLocalInput(new Date()));
          if (correcting) done();
        },
        onError: (e) => {
          const pointer = e instanceof Refusal ? e.pointer : '';
          setAsked((was) => (reasons[pointer] ? pointer : was));
        },
      },
    );
  };
  const at_ = (pointer: string) => wrong?.at(pointer);
  return (
    <Box
      component="form"
      onSubmit={(e) => {
        write(e);
      }}
      sx={{
        background: tok('sheet'),
        borderLeft: `6px solid ${tok(correcting ? 'brass' : 'deep')}`,
        p: 2,
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
        mb: 2,
      }}
    >
      <Text weight="strong" across>
        {correcting
          ? t`Correct: ${spoken(kinds[correcting.kind])} ${correcting.stepName}`
          : t`Write down what was done`}
      </Text>
      {!correcting && (
        <TextField
          select
          label={t`What`}
          value={kind}
          onChange={(e) => {
            setKind(e.target.value);
          }}
        >
          {choices.map((k) => (
            <MenuItem key={k} value={k}>
              {spoken(kinds[k])}
            </MenuItem>
          ))}
        </TextField>
      )}
      {withStep && !correcting && (
        <TextField
          select
          label={t`Step`}
          value={chosen}
          onChange={(e) => {
            setStep(e.target.value);
          }}
        >
          {offered.map((s) => (
            <MenuItem key={s.key} value={s.key}>
              {s.name}
              {s.status === 'running' ? t` (under way)` : ''}
            </MenuItem>
          ))}
        </TextField>
      )}
      <TextField
        label={t`When`}
        type="datetime-local"
        value={at}
        onChange={(e) => {
          setAt(e.target.value);
        }}
        slotProps={{ inputLabel: { shrink: true } }}
        error={!!at_('/at')}
        helperText={at_('/at')}
      />
      <Columns gap={1.5} cols="1fr 1fr">
        <QuantityField
          label={t`Temperature read`}
          of="temperature"
          value={temperature}
          placeholder={correcting ? '' : view.temperature.text}
          hint={correcting ? '' : t`what you read; shown is ${view.airSource}`}
          onChange={setTemperature}
          error={at_('/temperature')}
        />
        <QuantityField
          label={t`Humidity read`}
          of="relative humidity"
          value={humidity}
          placeholder={correcting ? '' : view.humidity.text}
          onChange={setHumidity}
          error={at_('/humidity')}
        />
      </Columns>
      {coat && kind !== 'start' && (
        <Columns gap={1.5} cols="1fr 1fr" across>
          <QuantityField
            label={t`Paint used`}
            of="volume"
            placeholder={view.units === 'us' ? t`14 fl oz` : '0.4 L'}
            hint={t`left empty: as the mix card says`}
            value={used}
            onChange={setUsed}
            error={at_('/used')}
          />
          <QuantityField
            label={t`Dry film measured`}
            of="film thickness"
            placeholder={view.units === 'us' ? t`4 mil` : t`100 µm`}
            hint={t`by the gauge, once it is dry`}
            value={film}
            onChange={setFilm}
            error={at_('/film')}
          />
        </Columns>
      )}
      {cover.data && (
        <Text across>
          <Cover cover={cover.data} />
        </Text>
      )}
      {asks && (
        <Text role="alert" across>
          {wrong?.pointer === asked && (
            <Notice tone="brass" title={spoken(asks.title)}>
              {wrong.message}
            </Notice>
          )}
          <TextField
            label={t`Why it goes on all the same`}
            value={reason}
            onChange={(e) => {
              setReason(e.target.value);
            }}
            fullWidth
            multiline
            helperText={t`stays in the record`}
          />
        </Text>
      )}
      <TextField
        label={t`Note`}
        value={note}
        onChange={(e) => {
          setNote(e.target.value);
        }}
        multiline
        sx={{ gridColumn: '1 / -1' }}
      />
      {wrong &&
        wrong.pointer !== asked &&
        !['/at', '/temperature', '/humidity', '/used', '/film'].includes(wrong.pointer) && (
          <Text role="alert" across>
            <Notice title={t`Not written`}>{wrong.said}</Notice>
          </Text>
        )}
      {answer && answer.gained.length > 0 && (
        <Text role="status" across>
          <Notice tone="brass" title={t`The route gained: ${answer.gained.join(', ')}`}>
            {answer.because}
          </Notice>
        </Text>
      )}
      <Row gap={1} wrap across>
        <Button
          type="submit"
          variant="contained"
          disabled={log.isPending || (withStep && chosen === '')}
          sx={{ minHeight: 56, px: 4 }}
        >
          {correcting ? t`Write the correction` : t`Write it down`}
        </Button>
        {correcting && (
          <Button
            onClick={(e) => {
              write(e as unknown as SubmitEvent, true);
            }}
            sx={{ minHeight: 56 }}
          >
            <Trans>It did not happen</Trans>
          </Button>
        )}
        {correcting && (
          <Button onClick={done} sx={{ minHeight: 56 }}>
            <Trans>Leave it</Trans>
          </Button>
        )}
      </Row>
    </Box>
  );
}
