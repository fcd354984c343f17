import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Fragment, type ReactNode } from 'react';
import { type Schemas } from '../../api/client';
import { when } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';
import { kinds } from './kinds';

/** What a line says beside its step, with a point between. */
function said(e: Schemas['EntryView']): ReactNode[] {
  const mono = (text: string, quiet = false) => (
    <Box component="span" className="mono" sx={quiet ? { color: tok('ink2') } : {}}>
      {text}
    </Box>
  );
  return [
    e.note,
    e.used && mono(t`${e.used} used`),
    e.film && mono(t`${e.film} measured`),
    e.temperature && mono(`${e.temperature} · ${e.humidity}`, true),
    e.hand && (
      <Box component="span" sx={{ color: tok('ink2') }}>
        <Trans>by {e.hand}</Trans>
      </Box>
    ),
    e.replaced && t`corrected, kept as written`,
  ].filter(Boolean);
}

/** One line of the record; it can be corrected where a way to do so is given. */
export function Entry({
  entry: e,
  now,
  correct,
}: {
  entry: Schemas['EntryView'];
  now: string;
  correct: (() => void) | null;
}) {
  return (
    <Box
      component="li"
      sx={{
        borderTop: `1px solid ${tok('rule')}`,
        py: 1,
        display: 'grid',
        gridTemplateColumns: { xs: '1fr auto', sm: '150px 1fr auto' },
        gap: { xs: 0.5, sm: 2 },
        color: e.replaced || e.withdrawn ? tok('ink2') : tok('ink'),
      }}
    >
      <Box className="mono" sx={{ fontSize: textSize.m, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        {when(e.at, now)}
      </Box>
      <Box>
        <Box sx={{ fontWeight: 600, textDecoration: e.replaced ? 'line-through' : 'none' }}>
          {spoken(kinds[e.kind])} {e.stepName}
          {e.withdrawn ? t` (did not happen)` : ''}
        </Box>
        <Box sx={{ fontSize: textSize.m }}>
          {said(e).map((what, i) => (
            <Fragment key={i}>
              {i > 0 && ' · '}
              {what}
            </Fragment>
          ))}
        </Box>
        {e.changes.map((c) => (
          <Box key={c} sx={{ fontSize: textSize.m }}>
            {c}
          </Box>
        ))}
      </Box>
      {correct && !e.replaced && !e.withdrawn && e.kind !== 'correction' ? (
        <Button size="small" onClick={correct} aria-label={t`Correct: ${spoken(kinds[e.kind])} ${e.stepName}`}>
          <Trans>Correct</Trans>
        </Button>
      ) : (
        <span />
      )}
    </Box>
  );
}
