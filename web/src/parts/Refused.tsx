import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Refusal } from '../api/client';
import { Notice } from './Notice';

/** What was not taken, and why: all that is wrong with it, each with what would be accepted. */
export function Refused({ error, title }: { error: Error; title?: string }) {
  const errors = error instanceof Refusal ? error.errors : [];
  const single = errors.length === 1 && title === undefined;
  return (
    <div role="alert">
      <Notice title={title ?? (errors.length > 1 ? t`Some of it cannot be used` : error.message)}>
        {single && errors[0]?.accepted && t`Accepted: ${errors[0].accepted}.`}
        {!single && errors.length === 0 && title !== undefined && error.message}
        {!single && errors.map((e) => <Box key={`${e.pointer} ${e.detail}`}>{Refusal.words(e)}</Box>)}
      </Notice>
    </div>
  );
}
