import { spoken } from '../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import type { KeyboardEvent } from 'react';
import type { Schemas } from '../api/client';
import { textSize, tok } from '../theme/tokens';
import { given } from '../parts/given';
import { size, words, Sign } from './OverSign';

type Film = Schemas['FilmLine'];

/** What lies below down the side, what goes over along the top; a sign for each answer. */
export function OverMap({
  films,
  rows,
  below,
  above,
  choose,
}: {
  films: Film[];
  rows: (Schemas['VerdictRow'] | undefined)[];
  below: string;
  above: string;
  choose: (below: string, above: string) => void;
}) {
  const lower: { id: string; name: string }[] = [{ id: 'bare', name: t`the bare material` }, ...films];
  const keys = (e: KeyboardEvent, i: number, j: number) => {
    const di = given(e.key === 'ArrowDown', 1)
      .or(e.key === 'ArrowUp', -1)
      .else(0);
    const dj = given(e.key === 'ArrowRight', 1)
      .or(e.key === 'ArrowLeft', -1)
      .else(0);
    if (di === 0 && dj === 0) return;
    e.preventDefault();
    const [a, b] = [Math.max(0, Math.min(lower.length - 1, i + di)), Math.max(0, Math.min(films.length - 1, j + dj))];
    choose(lower[a]?.id ?? below, films[b]?.id ?? above);
    document.querySelector<HTMLElement>(`[data-over="${a}-${b}"]`)?.focus();
  };
  return (
    <Box tabIndex={0} role="region" aria-label={t`The map`} sx={{ overflowX: 'auto', pb: 1 }}>
      <Box
        component="table"
        aria-label={t`What may go over what`}
        sx={{ borderCollapse: 'collapse', fontSize: textSize.s }}
      >
        <thead>
          <tr>
            <Box
              component="th"
              scope="col"
              sx={{
                textAlign: 'left',
                verticalAlign: 'bottom',
                fontWeight: 500,
                color: tok('ink2'),
                pr: 1,
                minWidth: { xs: 120, sm: 190 },
              }}
            >
              <Trans>below, down · over it, along</Trans>
            </Box>
            {films.map((f) => (
              <Box
                component="th"
                scope="col"
                key={f.id}
                sx={{ height: 168, width: size, p: 0, verticalAlign: 'bottom', fontWeight: f.id === above ? 750 : 520 }}
              >
                <Box
                  component="span"
                  sx={{
                    writingMode: 'vertical-rl',
                    transform: 'rotate(180deg)',
                    whiteSpace: 'nowrap',
                    maxHeight: 164,
                    overflow: 'hidden',
                    textOverflow: 'ellipsis',
                  }}
                >
                  {f.name}
                </Box>
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {lower.map((l, i) => (
            <tr key={l.id}>
              <Box
                component="th"
                scope="row"
                sx={{
                  textAlign: 'left',
                  fontWeight: l.id === below ? 750 : 520,
                  whiteSpace: 'nowrap',
                  pr: 1,
                  position: 'sticky',
                  left: 0,
                  background: tok('ground'),
                  maxWidth: { xs: 130, sm: 220 },
                  overflow: 'hidden',
                  textOverflow: 'ellipsis',
                }}
              >
                {l.name}
              </Box>
              {films.map((f, j) => {
                const answer = rows[i]?.cells.find((c) => c.above === f.id)?.answer;
                const on = l.id === below && f.id === above;
                return (
                  <Box component="td" key={f.id} sx={{ p: 0, width: size, height: size }}>
                    {answer && (
                      <Box
                        component="button"
                        type="button"
                        data-over={`${i}-${j}`}
                        tabIndex={on || (above === '' && i === 0 && j === 0) ? 0 : -1}
                        onClick={() => {
                          choose(l.id, f.id);
                        }}
                        onKeyDown={(e) => {
                          keys(e, i, j);
                        }}
                        aria-pressed={on}
                        aria-label={t`${f.name} over ${l.name}: ${spoken(words[answer]) || answer}`}
                        sx={{
                          border: 0,
                          p: '3px',
                          m: 0,
                          background: on ? tok('ink') : 'none',
                          cursor: 'pointer',
                          display: 'block',
                        }}
                      >
                        <Sign answer={answer} />
                      </Box>
                    )}
                  </Box>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
