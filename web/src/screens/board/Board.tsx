import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useBoard } from '../../api/jobs';
import { Rail, RailKey } from '../../figures/Rail';
import { Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';
import { Day } from './Day';
import { Due } from './Due';
import { StillOn } from './StillOn';

/** A whole job: its parts as tags on the rail, gathering where one action serves several. */
export function Board() {
  const { job = '' } = useParams();
  const board = useBoard(job);
  const [all, setAll] = useState(false);
  if (board.isPending) return <Loading />;
  if (board.isError) return <Failed error={board.error} />;
  const { lanes, actions, day } = board.data;
  const shown = all ? actions : actions.slice(0, 40);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 380px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Title
          sub={
            lanes.length === 1
              ? t`one part`
              : t`${lanes.length} parts and zones, worked together where one set-up serves several`
          }
        >
          {board.data.name}
        </Title>
        {lanes.length === 0 ? (
          <Notice tone="deep" title={t`Nothing taken in yet`}>
            <Trans>Take a part in from Today; its tag appears here.</Trans>
          </Notice>
        ) : (
          <>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 3, mb: 2 }}>
              <Due job={job} due={board.data.due} />
              <Labelled label={t`left to do`}>
                <Box sx={{ fontSize: textSize.figure }}>
                  <Explained v={board.data.handsOn} />
                </Box>
              </Labelled>
              <Labelled label={t`spared by working together`}>
                <Box sx={{ fontSize: textSize.figure }}>
                  <Explained v={board.data.saved} />
                </Box>
              </Labelled>
              <Labelled label={t`shared actions`}>
                <Box className="mono" sx={{ fontSize: textSize.figure, fontWeight: 600 }}>
                  <Trans>
                    {board.data.sharedActions} of {actions.length}
                  </Trans>
                </Box>
              </Labelled>
            </Box>
            {board.data.stillOn.map((s) => (
              <StillOn key={`${s.partId}-${s.says}`} still={s} />
            ))}
            <RailKey lanes={lanes} />
            <Rail lanes={lanes} actions={shown} />
            {actions.length === 0 && (
              <Box sx={{ my: 2, color: tok('ink2') }}>
                <Trans>Nothing is left to do.</Trans>
              </Box>
            )}
            {actions.length > 40 && (
              <Button
                onClick={() => {
                  setAll(!all);
                }}
                sx={{ mt: 1 }}
              >
                {all ? t`Only the next 40` : t`All ${actions.length} actions`}
              </Button>
            )}
          </>
        )}
      </Box>
      <Box
        component="aside"
        aria-label={t`The next day`}
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        <Day day={day} />
      </Box>
    </Box>
  );
}
