import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import type { ReactNode } from 'react';
import { type Schemas } from '../../api/client';
import { usePartFilm } from '../../api/parts';
import { Labelled } from '../../parts/Labelled';
import { textSize, tok } from '../../theme/tokens';

function Planned({ plan }: { plan: Schemas['FilmPlanView'] }) {
  const f = plan.figures;
  if (!f) return <Box sx={{ fontSize: textSize.m, color: tok('lead') }}>{plan.obstacle}</Box>;
  const figures: [string, ReactNode][] = [
    ['hands-on', f.handsOn.text],
    [t`begin to end`, f.elapsed.text],
    ['materials', f.money],
    ['lasts', f.life],
    ['hazard', t`${String(f.hazard)} of 5`],
    ...(plan.build ? [[t`dry film`, plan.build.text] as [string, ReactNode]] : []),
  ];
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, rowGap: 0.5, my: 1 }}>
        {figures.map(([label, value]) => (
          <Labelled key={label} label={label}>
            <span className="mono">{value}</span>
          </Labelled>
        ))}
      </Box>
      {plan.tins.length > 0 && (
        <Box sx={{ fontSize: textSize.m }}>
          <Trans>
            {plan.tins.join('; ')}. Whole tins from an empty shelf: <span className="mono">{plan.tinsCost}</span>.
          </Trans>
        </Box>
      )}
      {plan.gear.length > 0 && (
        <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
          <Trans>Asks for {plan.gear.join(', ')}.</Trans>
        </Box>
      )}
      {plan.protection.length > 0 && (
        <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
          <Trans>Wear {plan.protection.join(', ')}.</Trans>
        </Box>
      )}
    </>
  );
}

/** One film that fits: its coats, what it costs in hours, days and money, how long it lasts, and what it asks for. */
export function FilmCard({
  part,
  number,
  film,
  busy,
  take,
}: {
  part: string;
  number: number;
  film: Schemas['FilmOption'];
  busy: boolean;
  take: () => void;
}) {
  const plan = usePartFilm(part, number, film.id);
  return (
    <Box
      component="article"
      aria-label={film.name}
      sx={{
        borderLeft: `6px solid ${tok(film.chosen ? 'deep' : 'rule')}`,
        background: film.chosen ? tok('wash') : 'none',
        pl: 2,
        pr: 1.5,
        py: 1.25,
        mb: 1.5,
      }}
    >
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'start' }}>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Box sx={{ fontSize: textSize.xl, fontWeight: 700 }}>{film.name}</Box>
          <Box sx={{ fontSize: textSize.m }}>{film.coats.join(', ') || t`nothing is laid`}</Box>
        </Box>
        {film.chosen ? (
          <Box sx={{ fontWeight: 700, color: tok('deep') }}>
            <Trans>Planned</Trans>
          </Box>
        ) : (
          <Button
            variant="outlined"
            size="small"
            disabled={busy}
            onClick={take}
            aria-label={t`Plan this: ${film.name}`}
          >
            <Trans>Plan this</Trans>
          </Button>
        )}
      </Box>
      <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>{film.why}</Box>
      {plan.isPending && (
        <Box role="status" sx={{ fontSize: textSize.m, color: tok('ink2') }}>
          <Trans>Planning it through …</Trans>
        </Box>
      )}
      {plan.isError && (
        <Box role="alert" sx={{ fontSize: textSize.m, color: tok('lead') }}>
          {plan.error.message}
        </Box>
      )}
      {plan.isSuccess && <Planned plan={plan.data} />}
    </Box>
  );
}
