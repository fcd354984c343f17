import { Box, Button, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, settle, type Schemas } from '../api/client';
import { useBoard, usePlanWrite } from '../api/hooks';
import { LaneKey, Lanes } from '../figures/Lanes';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { tok } from '../theme/tokens';

function Day({ day }: { day: Schemas['DayView'] }) {
  const list = { m: 0, pl: 2.25, '& li': { mb: 0.5 } };
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box>
        <Heading>The next day of work</Heading>
        <Box sx={{ color: tok('ink2') }}>
          {day.actions} actions, <Fig v={day.handsOn} /> at the bench
        </Box>
      </Box>
      {day.encounters.map((e) => (
        <Notice key={e.says + e.then} tone="lead" title={`Stop: ${e.says}`}>
          <div>
            {e.consequence} {e.first}; then {e.then}.
          </div>
          {e.parting.length > 0 && (
            <div>In between: {e.parting.join(', ').toLowerCase()}; or another place or day.</div>
          )}
        </Notice>
      ))}
      {day.wear.length > 0 && (
        <Labelled label="Lay out to wear">
          <Box component="ul" sx={list}>
            {day.wear.map((w) => (
              <li key={w}>{w}</li>
            ))}
          </Box>
        </Labelled>
      )}
      {day.mind.length > 0 && (
        <Labelled label="Mind">
          {day.mind.map((m) => (
            <Box key={m} sx={{ borderLeft: `4px solid ${tok('brass')}`, pl: 1, my: 0.75, fontSize: 14 }}>
              {m}
            </Box>
          ))}
        </Labelled>
      )}
      {day.local.map((l) => (
        <Labelled key={l.id} label={`Here: ${l.name}`}>
          <Box sx={{ whiteSpace: 'pre-line' }}>{l.text}</Box>
        </Labelled>
      ))}
      {day.disposal.length > 0 && (
        <Labelled label="Waste">
          <Box component="ul" sx={list}>
            {day.disposal.map((d) => (
              <li key={d.where}>
                {d.where}
                <Box component="span" sx={{ display: 'block', fontSize: 13, color: tok('ink2') }}>
                  from: {d.from.slice(0, 4).join(', ')}
                  {d.from.length > 4 ? ' …' : ''}
                </Box>
              </li>
            ))}
          </Box>
        </Labelled>
      )}
      <Labelled label="Solvent into the air">
        <span className="mono">{day.voc}</span>
        {day.vocWarning && <Box sx={{ color: tok('lead'), fontWeight: 650 }}>{day.vocWarning}</Box>}
      </Labelled>
      <Box sx={{ fontSize: 13, color: tok('ink2') }}>
        Labels, safety data sheets and local codes come first.{' '}
        <Box component={Link} to="/yard" sx={{ color: 'inherit' }}>
          Write down the rules of your place
        </Box>
        .
      </Box>
    </Box>
  );
}

/** The day by whose evening the job is to be done; the schedule is planned again with it. */
function Due({ job, due }: { job: string; due: string | null }) {
  const client = useQueryClient();
  const save = usePlanWrite(async (day: string | null) => {
    await settle(api.PUT('/api/jobs/{job}/due', { params: { path: { job } }, body: { due: day } }));
    await client.invalidateQueries({ queryKey: ['board', job] });
    return settle(api.POST('/api/plan', { body: { note: 'a due date has changed' } }));
  });
  return (
    <Labelled label="to be done by">
      <TextField
        type="date"
        size="small"
        key={due}
        defaultValue={due ?? ''}
        error={save.isError}
        disabled={save.isPending}
        onBlur={(e) => {
          if (e.target.value !== (due ?? '')) save.mutate(e.target.value === '' ? null : e.target.value);
        }}
        slotProps={{ htmlInput: { 'aria-label': 'To be done by' } }}
        sx={{ width: 170 }}
      />
      {save.isError && (
        <Box role="alert" sx={{ fontSize: 14, color: tok('lead') }}>
          {save.error.message}
        </Box>
      )}
      {save.isPending && (
        <Box role="status" sx={{ fontSize: 14 }}>
          Planning again …
        </Box>
      )}
      {save.isSuccess && (
        <Box role="status" sx={{ fontSize: 14, color: tok('zinc') }}>
          Kept; the schedule follows.
        </Box>
      )}
    </Labelled>
  );
}

/** A whole job: its zones side by side, running together where one action serves several. */
export function Board() {
  const { job = '' } = useParams();
  const board = useBoard(job);
  const [all, setAll] = useState(false);
  if (board.isPending) return <Loading />;
  if (board.isError) return <Failed error={board.error} />;
  const { lanes, actions, day } = board.data;
  const shown = all ? actions : actions.slice(0, 40);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 380px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Title
          sub={
            lanes.length === 1
              ? 'one part'
              : `${lanes.length} parts and zones, worked together where one set-up serves several`
          }
        >
          {board.data.name}
        </Title>
        {lanes.length === 0 ? (
          <Notice tone="deep" title="Nothing taken in yet">
            Take a part in from Today; its lane appears here.
          </Notice>
        ) : (
          <>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3, mb: 2 }}>
              <Due job={job} due={board.data.due} />
              <Labelled label="left to do">
                <Box sx={{ fontSize: 26 }}>
                  <Fig v={board.data.handsOn} />
                </Box>
              </Labelled>
              <Labelled label="spared by working together">
                <Box sx={{ fontSize: 26 }}>
                  <Fig v={board.data.saved} />
                </Box>
              </Labelled>
              <Labelled label="shared actions">
                <Box className="mono" sx={{ fontSize: 26, fontWeight: 600 }}>
                  {board.data.sharedActions} of {actions.length}
                </Box>
              </Labelled>
            </Box>
            <LaneKey lanes={lanes} />
            <Lanes lanes={lanes} actions={shown} />
            {actions.length === 0 && <Box sx={{ my: 2, color: tok('ink2') }}>Nothing is left to do.</Box>}
            {actions.length > 40 && (
              <Button
                onClick={() => {
                  setAll(!all);
                }}
                sx={{ mt: 1 }}
              >
                {all ? 'Only the next 40' : `All ${actions.length} actions`}
              </Button>
            )}
          </>
        )}
      </Box>
      <Box
        component="aside"
        aria-label="The next day"
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        <Day day={day} />
      </Box>
    </Box>
  );
}
