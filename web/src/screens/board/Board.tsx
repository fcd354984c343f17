import { Aside, Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useBoard } from '../../api/jobs';
import { Rail, RailKey } from '../../figures/Rail';
import { Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { Explained } from '../../parts/Explained';
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
    <Columns cols={{ xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 380px' }}>
      <Text roomy shrinks>
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
            <Row gap={3} wrap below={2}>
              <Due job={job} due={board.data.due} />
              <Labelled label={t`left to do`}>
                <Text size="figure">
                  <Explained v={board.data.handsOn} />
                </Text>
              </Labelled>
              <Labelled label={t`spared by working together`}>
                <Text size="figure">
                  <Explained v={board.data.saved} />
                </Text>
              </Labelled>
              <Labelled label={t`shared actions`}>
                <Text className="mono" size="figure" weight="middle">
                  <Trans>
                    {board.data.sharedActions} of {actions.length}
                  </Trans>
                </Text>
              </Labelled>
            </Row>
            {board.data.stillOn.map((s) => (
              <StillOn key={`${s.partId}-${s.says}`} still={s} />
            ))}
            <RailKey lanes={lanes} />
            <Rail lanes={lanes} actions={shown} />
            {actions.length === 0 && (
              <Text tone="ink2" above={2} below={2}>
                <Trans>Nothing is left to do.</Trans>
              </Text>
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
      </Text>
      <Aside aria-label={t`The next day`}>
        <Day day={day} />
      </Aside>
    </Columns>
  );
}
