import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, MenuItem, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { type SubmitEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { useCatalogue } from '../../api/catalogue';
import { useJobs } from '../../api/jobs';
import { useGear } from '../../api/workshop';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { FirstGear } from '../yard/Gear';

type Place = Schemas['PlaceLine'];

const another = '+';

/** A short id in plain letters that none of the others has. */
export function slugOf(name: string, taken: string[], otherwise: string): string {
  const stem =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 50) || otherwise;
  let id = stem;
  for (let n = 2; taken.includes(id); n += 1) id = `${stem}-${String(n)}`;
  return id;
}

/** The job's places, the one last worked with first; then what else the yard has. One name is one place. */
export function placesFor(jobs: Schemas['JobView'][], job: string): Place[] {
  const own = jobs.find((j) => j.id === job)?.places ?? [];
  const yard = jobs.filter((j) => j.id !== job).flatMap((j) => j.places);
  const seen = new Set<string>();
  return [...[...own].reverse(), ...[...yard].reverse()].filter((p) => !seen.has(p.name) && seen.add(p.name));
}

/** A place of the yard as this job has it, or a new one under an id of its own. */
function placeBody(
  places: Place[],
  chosen: string,
  fresh: { name: string; kind: string },
  jobs: Schemas['JobView'][],
  job: string,
): Schemas['PlaceBody'] {
  const own = jobs.find((j) => j.id === job)?.places ?? [];
  const ids = own.map((p) => p.id);
  const known = places.find((p) => p.name === chosen);
  if (!known)
    return {
      id: slugOf(fresh.name, ids, 'place'),
      name: fresh.name,
      kind: fresh.kind,
      temperature: '18 C',
      humidity: '55 %',
    };
  const { kind, temperature, humidity, hazards, name } = known;
  return {
    id: own.find((p) => p.name === name)?.id ?? slugOf(name, ids, 'place'),
    name,
    kind,
    temperature,
    humidity,
    hazards,
  };
}

export function TakeIn(of: { open: boolean; close: () => void }) {
  const gear = useGear();
  const catalogue = useCatalogue();
  if (gear.data?.asked === false)
    return (
      <Dialog open={of.open} onClose={of.close} fullWidth maxWidth="md">
        <DialogTitle>
          <Trans>What does the yard have?</Trans>
        </DialogTitle>
        <DialogContent>
          <FirstGear view={gear.data} />
        </DialogContent>
        <DialogActions>
          <Button onClick={of.close}>
            <Trans>Not now</Trans>
          </Button>
        </DialogActions>
      </Dialog>
    );
  if (gear.isPending || catalogue.isPending)
    return (
      <Dialog open={of.open} onClose={of.close}>
        <Loading />
      </Dialog>
    );
  if (catalogue.isError)
    return (
      <Dialog open={of.open} onClose={of.close}>
        <Failed error={catalogue.error} />
      </Dialog>
    );
  return <PartForm {...of} catalogue={catalogue.data} />;
}

function PartForm({
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
  const [job, setJob] = useState('');
  const [newJob, setNewJob] = useState('');
  const [name, setName] = useState('');
  const [substrate, setSubstrate] = useState(catalogue.substrates[0]?.id ?? '');
  const [picked, setPicked] = useState<string | null>(null);
  const [kind, setKind] = useState(
    catalogue.placeKinds.find((k) => k.id === 'heated-bay')?.id ?? catalogue.placeKinds[0]?.id ?? '',
  );
  const [placeName, setPlaceName] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const taken = jobs.find((j) => j.id === job)?.parts.map((p) => p.slug) ?? [];
  const places = placesFor(jobs, job);
  const chosen =
    picked !== null && (picked === another || places.some((p) => p.name === picked))
      ? picked
      : (places[0]?.name ?? another);
  const place = places.find((p) => p.name === chosen);
  const kindName = (id: string) => catalogue.placeKinds.find((k) => k.id === id)?.name ?? id;
  const fresh = { name: (placeName ?? kindName(kind)).trim(), kind };
  const [opened, setOpened] = useState('');
  const make = async (e: SubmitEvent) => {
    e.preventDefault();
    try {
      if (!place && places.some((p) => p.name === fresh.name))
        throw new Refusal(
          0,
          t`The yard has a place called "${fresh.name}". Choose it above, or give the new one another name.`,
        );
      const id = job || opened || (await settle(api.POST('/api/jobs', { body: { name: newJob } }))).id;
      // Refused later, the job is there already; trying again goes into it.
      setOpened(id);
      const first = (list: Schemas['Option'][]): string => list[0]?.id ?? '';
      const body = placeBody(places, chosen, fresh, jobs, job);
      const part = await settle(
        api.POST('/api/jobs/{job}/parts', {
          params: { path: { job: id } },
          body: {
            part: {
              id: slugOf(name, taken, 'part'),
              name,
              substrate,
              service: first(catalogue.services),
              finish: catalogue.finishes[1]?.id ?? first(catalogue.finishes),
              place: body.id,
              conditions: [],
              shapes: [],
            },
            place: body,
          },
        }),
      );
      await client.invalidateQueries();
      await go(`/part/${part.id}/survey`);
    } catch (cause) {
      setWrong(cause instanceof Refusal ? cause.said : t`That did not work.`);
    }
  };
  const about = catalogue.substrates.find((s) => s.id === substrate);
  return (
    <Dialog open={open} onClose={close} fullWidth maxWidth="sm">
      <form
        onSubmit={(e) => {
          void make(e);
        }}
      >
        <DialogTitle>
          <Trans>Take a part in</Trans>
        </DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
          {jobs.length > 0 && (
            <TextField
              select
              label={t`Job`}
              value={job}
              onChange={(e) => {
                setJob(e.target.value);
              }}
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
            <TextField
              label={t`What is being restored`}
              placeholder={t`Hovercraft`}
              value={newJob}
              onChange={(e) => {
                setNewJob(e.target.value);
              }}
              required
            />
          )}
          <TextField
            label={t`Which part`}
            placeholder={t`Engine frame`}
            value={name}
            onChange={(e) => {
              setName(e.target.value);
            }}
            required
          />
          <TextField
            select
            label={t`Made of`}
            value={substrate}
            onChange={(e) => {
              setSubstrate(e.target.value);
            }}
            helperText={about?.tell}
          >
            {catalogue.substrates.map((s) => (
              <MenuItem key={s.id} value={s.id}>
                {s.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label={t`Worked in`}
            value={chosen}
            onChange={(e) => {
              setPicked(e.target.value);
            }}
            helperText={
              place
                ? `${kindName(place.kind)}${place.users.length > 0 ? t`; also there: ${place.users.join(', ')}` : ''}`
                : t`its air is set in the survey`
            }
          >
            {places.map((p) => (
              <MenuItem key={p.name} value={p.name}>
                {p.name}
              </MenuItem>
            ))}
            <MenuItem value={another}>
              <Trans>A new place …</Trans>
            </MenuItem>
          </TextField>
          {!place && (
            <TextField
              select
              label={t`Kind of place`}
              value={kind}
              onChange={(e) => {
                setKind(e.target.value);
              }}
              helperText={catalogue.placeKinds.find((k) => k.id === kind)?.hint}
            >
              {catalogue.placeKinds.map((k) => (
                <MenuItem key={k.id} value={k.id}>
                  {k.name}
                </MenuItem>
              ))}
            </TextField>
          )}
          {!place && (
            <TextField
              label={t`What the place is called`}
              value={placeName ?? kindName(kind)}
              onChange={(e) => {
                setPlaceName(e.target.value);
              }}
              required
            />
          )}
          {wrong && (
            <div role="alert">
              <Notice title={t`Not stored`}>{wrong}</Notice>
            </div>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>
            <Trans>Not now</Trans>
          </Button>
          <Button type="submit" variant="contained">
            <Trans>On to the survey</Trans>
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
