import { Columns, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Fragment, type ReactNode } from 'react';
import { type Schemas } from '../../api/client';
import { when } from '../../parts/time';
import { tok } from '../../theme/tokens';
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
    e.batches.length > 0 && t`batch ${e.batches.join(', ')}`,
    e.film && mono(t`${e.film} measured`),
    e.temperature && mono(`${e.temperature} · ${e.humidity}`, true),
    e.hand && (
      <Text as="span" tone="ink2">
        <Trans>by {e.hand}</Trans>
      </Text>
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
    <Columns
      as="li"
      cols={{ xs: '1fr auto', sm: '150px 1fr auto' }}
      ruled
      inset={1}
      sx={{ gap: { xs: 0.5, sm: 2 }, color: e.replaced || e.withdrawn ? tok('ink2') : tok('ink') }}
    >
      <Text className="mono" size="m" sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        {when(e.at, now)}
      </Text>
      <Box>
        <Text weight="middle" sx={{ textDecoration: e.replaced ? 'line-through' : 'none' }}>
          {spoken(kinds[e.kind])} {e.stepName}
          {e.withdrawn ? t` (did not happen)` : ''}
        </Text>
        <Text size="m">
          {said(e).map((what, i) => (
            <Fragment key={i}>
              {i > 0 && ' · '}
              {what}
            </Fragment>
          ))}
        </Text>
        {e.changes.map((c) => (
          <Text key={c} size="m">
            {c}
          </Text>
        ))}
      </Box>
      {correct && !e.replaced && !e.withdrawn && e.kind !== 'correction' ? (
        <Button size="small" onClick={correct} aria-label={t`Correct: ${spoken(kinds[e.kind])} ${e.stepName}`}>
          <Trans>Correct</Trans>
        </Button>
      ) : (
        <span />
      )}
    </Columns>
  );
}
