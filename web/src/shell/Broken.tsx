import { Row, Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { useEffect, useState } from 'react';
import { useRouteError } from 'react-router';
import { Notice } from '../parts/Notice';

const TRIED = 'hull-loaded-anew';
const AGAIN_MS = 60_000;

/** A part of the program that is no longer there: the yard's server has been updated since the page was opened. */
const isStale = (error: unknown) =>
  error instanceof TypeError && /dynamically imported module|importing a module script/i.test(error.message);

/** What stands where a view broke. A page older than the server loads itself anew, once a minute at most. */
export function Broken() {
  const error = useRouteError();
  const [anew] = useState(() => isStale(error) && Date.now() - Number(sessionStorage.getItem(TRIED) ?? 0) > AGAIN_MS);
  useEffect(() => {
    if (anew) {
      sessionStorage.setItem(TRIED, String(Date.now()));
      window.location.reload();
    }
  }, [anew]);
  if (anew) return null;
  const again = () => {
    window.location.reload();
  };
  return (
    <Text as="main" widest={640} sx={{ p: 3 }}>
      <Notice title={t`This view could not be shown`}>
        {isStale(error)
          ? t`A piece of the program could not be fetched. Perhaps the line is down.`
          : t`Something went wrong in the page.`}{' '}
        <Trans>Everything that was stored is safe; what was typed and not stored yet is not.</Trans>
      </Notice>
      <Row gap={1} above={2}>
        <Button variant="contained" onClick={again}>
          <Trans>Load the page again</Trans>
        </Button>
        <Button href="/">
          <Trans>To Today</Trans>
        </Button>
      </Row>
    </Text>
  );
}
