import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { useLog } from '../../api/parts';
import { Labelled } from '../../parts/Labelled';
import { Explained } from '../../parts/Explained';
import { tok } from '../../theme/tokens';
import { given } from '../../parts/given';

/**
 * What is left of the usable pot life since the batch was written down as mixed; it goes on wherever it is looked at.
 */
export function PotClock({ card }: { card: Schemas['CoatCard'] }) {
  const { part = '' } = useParams();
  const log = useLog(part);
  const clock = card.clock;
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!clock) return undefined;
    const timer = setInterval(() => {
      setNow(Date.now());
    }, 1000);
    return () => {
      clearInterval(timer);
    };
  }, [clock]);
  if (!card.usable)
    return (
      <Labelled label={t`pot life`}>
        <Box>
          {card.can
            ? t`A can: no pot life. Shake again between passes.`
            : t`One part: no pot life. Close the tin between pours.`}
        </Box>
      </Labelled>
    );
  const until = clock ? new Date(clock.usableUntil).getTime() : 0;
  const ready = clock ? new Date(clock.readyAt).getTime() : 0;
  const waits = clock !== null && now < ready;
  const left = Math.round(((waits ? ready : until) - now) / 1000);
  const away = Math.abs(left);
  const two = (n: number) => String(n).padStart(2, '0');
  const shown = `${Math.floor(away / 3600)}:${two(Math.floor((away % 3600) / 60))}:${two(away % 60)}`;
  const batch = clock ? clock.batch : 0;
  return (
    <Box sx={{ borderLeft: `6px solid ${tok(clock && !waits && left < 600 ? 'lead' : 'deep')}`, pl: 1.5 }}>
      <Labelled
        label={given(clock === null, t`usable of the pot life`)
          .or(waits, t`batch ${batch}: stands before use`)
          .or(left >= 0, t`batch ${batch}: left to use it`)
          .else(t`batch ${batch}: over its usable life by`)}
      >
        <Text size="big">
          {clock ? (
            <span className="mono" role="timer">
              {shown}
            </span>
          ) : (
            <Explained v={card.usable} label={t`Usable pot life`} />
          )}
        </Text>
      </Labelled>
      <Text size="m" tone="ink2">
        <Trans>pot life {card.potLife ? <Explained v={card.potLife} label={t`Pot life`} /> : ''}</Trans>
        {card.induction.value > 0 && ' · '}
        {card.induction.value > 0 &&
          (card.thinAfterInduction
            ? t`let stand ${card.induction.text} first, thin only then`
            : t`let stand ${card.induction.text} first`)}
      </Text>
      <Button
        sx={{ mt: 1, minHeight: 56 }}
        disabled={log.isPending}
        onClick={() => {
          log.mutate({ kind: 'mixed', step: card.stepKey, at: new Date().toISOString().replace(/\.\d+Z$/, 'Z') });
        }}
      >
        {clock ? t`Mixed batch ${batch + 1}` : t`Mixed: start the clock`}
      </Button>
    </Box>
  );
}
