import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, MenuItem, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { useJobs } from '../../api/jobs';
import { useForm } from '../../parts/form';
import { Refused } from '../../parts/Refused';
import { another, partBody, placeBody, placesFor, type Typed } from './takenIn';
import { PlaceChoice } from './PlaceChoice';

export function PartForm({
  open,
  close,
  catalogue,
}: {
  open: boolean;
  close: () => void;
  catalogue: Schemas['CatalogueView'];
}) {
  const client = useQueryClient();
  const go = useNavigate();
  const jobs = useJobs().data?.jobs ?? [];
  const [opened, setOpened] = useState('');
  const kinds = catalogue.placeKinds;
  const kindName = (id: string) => kinds.find((k) => k.id === id)?.name ?? id;
  const of = useForm<Typed>({
    job: '',
    newJob: '',
    name: '',
    substrate: catalogue.substrates[0]?.id ?? '',
    place: '',
    kind: kinds.find((k) => k.id === 'heated-bay')?.id ?? kinds[0]?.id ?? '',
    placeName: null,
  });
  const { field, value, submit, rest, pending } = of;
  const job = value('job').value;
  const substrate = value('substrate').value;
  const picked = value('place').value;
  const kind = value('kind').value;
  const places = placesFor(jobs, job);
  const isThere = picked === another || places.some((p) => p.name === picked);
  const chosen = isThere ? picked : (places[0]?.name ?? another);
  const place = places.find((p) => p.name === chosen);
  const placeName = value('placeName').value;
  const fresh = { name: (placeName ?? kindName(kind)).trim(), kind };
  const about = catalogue.substrates.find((s) => s.id === substrate);
  const send = async ({ job, newJob, name, substrate }: Typed) => {
    if (!place && places.some((p) => p.name === fresh.name))
      throw new Refusal(
        0,
        t`The yard has a place called "${fresh.name}". Choose it above, or give the new one another name.`,
      );
    const id = job || opened || (await settle(api.POST('/api/jobs', { body: { name: newJob } }))).id;
    // Refused later, the job is there already; trying again goes into it.
    setOpened(id);
    const body = placeBody(places, chosen, fresh, jobs, job);
    const part = await settle(
      api.POST('/api/jobs/{job}/parts', {
        params: { path: { job: id } },
        body: {
          part: partBody(
            catalogue,
            name,
            substrate,
            body.id,
            jobs.find((j) => j.id === job),
          ),
          place: body,
        },
      }),
    );
    await client.invalidateQueries();
    await go(`/part/${part.id}/survey`);
  };
  return (
    <Dialog open={open} onClose={close} fullWidth maxWidth="sm">
      <form onSubmit={submit(send)}>
        <DialogTitle>
          <Trans>Take a part in</Trans>
        </DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
          {jobs.length > 0 && (
            <TextField
              select
              label={t`Job`}
              {...field('job')}
              slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
            >
              <MenuItem value="">
                <Trans>A new job</Trans>
              </MenuItem>
              {jobs.map((j) => (
                <MenuItem key={j.id} value={j.id}>
                  {j.name}
                </MenuItem>
              ))}
            </TextField>
          )}
          {job === '' && (
            <TextField label={t`What is being restored`} placeholder={t`Hovercraft`} {...field('newJob')} required />
          )}
          <TextField label={t`Which part`} placeholder={t`Engine frame`} {...field('name')} required />
          <TextField select label={t`Made of`} {...field('substrate')} helperText={about?.tell}>
            {catalogue.substrates.map((s) => (
              <MenuItem key={s.id} value={s.id}>
                {s.name}
              </MenuItem>
            ))}
          </TextField>
          <PlaceChoice of={of} places={places} chosen={chosen} kinds={kinds} />
          {rest && <Refused error={rest} title={t`Not stored`} />}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>
            <Trans>Not now</Trans>
          </Button>
          <Button type="submit" variant="contained" disabled={pending}>
            <Trans>On to the survey</Trans>
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
