import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useState } from 'react';
import { type Schemas } from '../../api/client';
import { useAlternatives, useAnswers } from '../../api/ways';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { SideBySide } from './SideBySide';
import { Figures } from './WayFigures';
import { DoneWithout } from './DoneWithout';
import { WayWords } from './WayWords';

const toggles = {
  '& .MuiToggleButton-root': { justifyContent: 'flex-start', textAlign: 'left' },
} as const;

/**
 * The honest alternatives: each school question with what speaks for an answer on this part, and what it would
 * change.
 */
export function Alternatives({
  view,
  part,
  job,
  busy,
  pick,
}: {
  view: Schemas['RouteView'];
  part: string;
  job: string;
  busy: boolean;
  pick: (schools: Record<string, string>) => void;
}) {
  const ways = useAlternatives(part, view.number);
  const [beside, setBeside] = useState<[string, string] | null>(null);
  const questions = ways.data?.questions ?? [];
  const { answers, open } = useAnswers(part, view.number, questions);
  const of = (school: string, answer: string) => answers.find((a) => a.school === school && a.answer === answer);
  const come = (school: string) => answers.some((a) => a.school === school);
  const least = (school: string) =>
    Math.min(...answers.filter((a) => a.school === school && a.effort !== null).map((a) => a.effort ?? Infinity));
  const changing = view.schools.filter(
    (s) =>
      !come(s.id) ||
      s.options.some((o) => {
        const a = of(s.id, o.id);
        return !o.chosen && a !== undefined && (a.matters || a.figures === null);
      }),
  );
  const trifles = view.schools.filter((s) => come(s.id) && !changing.includes(s)).map((s) => s.question);
  if (open === 0) changing.sort((a, b) => least(a.id) - least(b.id));
  const best = answers.filter((a) => a.effort !== null).sort((a, b) => (a.effort ?? 0) - (b.effort ?? 0))[0];
  return (
    <Box>
      <Heading>
        <Trans>Other ways to do it</Trans>
      </Heading>
      {(ways.isPending || open > 0) && (
        <Text role="status" size="m" tone="ink2">
          <Trans>Planning the other ways</Trans>
          {questions.length > 0 && t`, ${String(questions.length - open)} of ${String(questions.length)} questions`} …
        </Text>
      )}
      {ways.data?.figures && (
        <Text below={1}>
          <Text size="m" tone="ink2">
            <Trans>This plan</Trans>
          </Text>
          <Figures f={ways.data.figures} />
        </Text>
      )}
      {best && open === 0 && (
        <Notice tone="deep" title={t`Best other way for a year of protection`}>
          {best.because}
        </Notice>
      )}
      {changing.map((school) => (
        <Text key={school.id} below={1.75}>
          <Text size="m" tone="ink2">
            {school.question}
          </Text>
          <ToggleButtonGroup
            exclusive
            orientation="vertical"
            fullWidth
            value={school.answer}
            aria-label={school.question}
            onChange={(_, v: string | null) => {
              if (v !== null && v !== school.answer) pick({ [school.id]: v });
            }}
            sx={toggles}
          >
            {school.options.map((o) => {
              const a = of(school.id, o.id);
              if (!o.chosen && a && a.figures !== null && !a.matters) return null;
              return (
                <ToggleButton key={o.id} value={o.id} disabled={busy || (a !== undefined && a.figures === null)}>
                  <WayWords o={o} a={a} />
                </ToggleButton>
              );
            })}
          </ToggleButtonGroup>
          {school.options
            .filter((o) => {
              const a = of(school.id, o.id);
              return !o.chosen && a?.figures && a.matters;
            })
            .map((o) => (
              <Button
                key={o.id}
                size="small"
                onClick={() => {
                  setBeside([school.id, o.id]);
                }}
                sx={{ mt: 0.75, mr: 0.75 }}
              >
                <Trans>Beside {o.name.toLowerCase()}</Trans>
              </Button>
            ))}
        </Text>
      ))}
      {open === 0 && trifles.length > 0 && (
        <Text size="s" tone="ink2" below={1.75}>
          <Trans>Changes next to nothing here: {trifles.join('; ')}.</Trans>
        </Text>
      )}
      {beside && (
        <SideBySide
          part={part}
          question={beside[0]}
          answer={beside[1]}
          substrate={view.substrate}
          hatch={view.substrateHatch}
          close={() => {
            setBeside(null);
          }}
          take={() => {
            pick({ [beside[0]]: beside[1] });
            setBeside(null);
          }}
        />
      )}
      <DoneWithout view={view} ways={ways.data} part={part} job={job} />
    </Box>
  );
}
