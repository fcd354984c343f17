import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import type { ReactNode } from 'react';
import { type Schemas } from '../../api/client';
import { usePartFilm } from '../../api/parts';
import { Labelled } from '../../parts/Labelled';
import { tok } from '../../theme/tokens';

function Planned({ plan }: { plan: Schemas['FilmPlanView'] }) {
  const f = plan.figures;
  if (!f)
    return (
      <Text size="m" tone="lead">
        {plan.obstacle}
      </Text>
    );
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
      <Row wrap above={1} below={1} sx={{ columnGap: 3, rowGap: 0.5 }}>
        {figures.map(([label, value]) => (
          <Labelled key={label} label={label}>
            <span className="mono">{value}</span>
          </Labelled>
        ))}
      </Row>
      {plan.tins.length > 0 && (
        <Text size="m">
          <Trans>
            {plan.tins.join('; ')}. Whole tins from an empty shelf: <span className="mono">{plan.tinsCost}</span>.
          </Trans>
        </Text>
      )}
      {plan.gear.length > 0 && (
        <Text size="s" tone="ink2">
          <Trans>Asks for {plan.gear.join(', ')}.</Trans>
        </Text>
      )}
      {plan.protection.length > 0 && (
        <Text size="s" tone="ink2">
          <Trans>Wear {plan.protection.join(', ')}.</Trans>
        </Text>
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
    <Text
      as="article"
      aria-label={film.name}
      below={1.5}
      inset={1.25}
      sx={{
        borderLeft: `6px solid ${tok(film.chosen ? 'deep' : 'rule')}`,
        background: film.chosen ? tok('wash') : 'none',
        pl: 2,
        pr: 1.5,
      }}
    >
      <Row gap={2} align="start">
        <Text shrinks sx={{ flex: 1 }}>
          <Text size="xl" weight="strong">
            {film.name}
          </Text>
          <Text size="m">{film.coats.join(', ') || t`nothing is laid`}</Text>
        </Text>
        {film.chosen ? (
          <Text tone="deep" weight="strong">
            <Trans>Planned</Trans>
          </Text>
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
      </Row>
      <Text size="s" tone="ink2">
        {film.why}
      </Text>
      {plan.isPending && (
        <Text role="status" size="m" tone="ink2">
          <Trans>Planning it through …</Trans>
        </Text>
      )}
      {plan.isError && (
        <Text role="alert" size="m" tone="lead">
          {plan.error.message}
        </Text>
      )}
      {plan.isSuccess && <Planned plan={plan.data} />}
    </Text>
  );
}
