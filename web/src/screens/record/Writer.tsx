import { t } from '@lingui/core/macro';
import { Box, MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Refusal, type Schemas } from '../../api/client';
import { useCover, useLog } from '../../api/parts';
import { useForm } from '../../parts/form';
import { Notice } from '../../parts/Notice';
import { Text } from '../../theme/layout';
import { tok } from '../../theme/tokens';
import { spoken } from '../../words/spoken';
import { Cover } from '../mix/MixCover';
import { begun, choices, line, reasons, type Typed } from './entry';
import { kinds } from './kinds';
import { Readings } from './Readings';
import { WriterButtons } from './WriterButtons';

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
  const [asked, setAsked] = useState('');
  const [answer, setAnswer] = useState<Schemas['LogAnswer'] | null>(null);
  const of = useForm<Typed>(begun(correcting, running?.key ?? next?.key ?? ''));
  const { field, value, submit, rest, pending } = of;
  const kind = value('kind').value;
  const step = value('step').value;
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
  const why = reasons[asked];
  const send = async (typed: Typed) => {
    try {
      const step = withStep ? chosen : null;
      setAnswer(await log.mutateAsync(line(typed, { correcting, step, coat, asked })));
    } catch (cause) {
      const pointer = cause instanceof Refusal ? cause.pointer : '';
      setAsked((was) => (reasons[pointer] ? pointer : was));
      throw cause;
    }
    setAsked('');
    of.form.reset({ ...begun(null, typed.step), kind: typed.kind });
    if (correcting) done();
  };
  return (
    <Box
      component="form"
      onSubmit={submit(send)}
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
        <TextField select label={t`What`} {...field('kind')}>
          {choices.map((k) => (
            <MenuItem key={k} value={k}>
              {spoken(kinds[k])}
            </MenuItem>
          ))}
        </TextField>
      )}
      {withStep && !correcting && (
        <TextField select label={t`Step`} {...field('step')} value={chosen}>
          {offered.map((s) => (
            <MenuItem key={s.key} value={s.key}>
              {s.name}
              {s.status === 'running' ? t` (under way)` : ''}
            </MenuItem>
          ))}
        </TextField>
      )}
      <TextField label={t`When`} type="datetime-local" slotProps={{ inputLabel: { shrink: true } }} {...field('at')} />
      <Readings view={view} of={of} correcting={correcting !== null} coat={coat && kind !== 'start'} />
      {cover.data && (
        <Text across>
          <Cover cover={cover.data} />
        </Text>
      )}
      {why && (
        <Text role="alert" across>
          {rest?.pointer === asked && (
            <Notice tone="brass" title={spoken(why.title)}>
              {rest.message}
            </Notice>
          )}
          <TextField
            label={t`Why it goes on all the same`}
            fullWidth
            multiline
            {...field('reason', t`stays in the record`)}
          />
        </Text>
      )}
      <TextField label={t`Note`} multiline sx={{ gridColumn: '1 / -1' }} {...field('note')} />
      {rest && rest.pointer !== asked && (
        <Text role="alert" across>
          <Notice title={t`Not written`}>{rest.said}</Notice>
        </Text>
      )}
      {answer && answer.gained.length > 0 && (
        <Text role="status" across>
          <Notice tone="brass" title={t`The route gained: ${answer.gained.join(', ')}`}>
            {answer.because}
          </Notice>
        </Text>
      )}
      <WriterButtons
        correcting={correcting !== null}
        off={pending || (withStep && chosen === '')}
        withdraw={submit(send, { withdrawn: true })}
        done={done}
      />
    </Box>
  );
}
