import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { useLog } from '../../api/parts';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
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

/** How many batches, how many are mixed. */
export function BatchPips({ card }: { card: Schemas['CoatCard'] }) {
  const count = Math.min(24, card.batches.value);
  const mixed = card.clock?.batch ?? 0;
  return (
    <svg width={count * 22} height="26" role="img" aria-label={t`${mixed} of ${card.batches.text} batches mixed`}>
      {Array.from({ length: count }, (_, i) => (
        <path
          key={i}
          d={`M${i * 22 + 2} 4L${i * 22 + 4} 24H${i * 22 + 16}L${i * 22 + 18} 4`}
          fill={i < mixed ? tok('deep') : 'none'}
          stroke={tok('ink')}
          strokeWidth="1.6"
        />
      ))}
    </svg>
  );
}

/** Whether the store has it, before the coat is begun, and who could have some of the same mix. */
export function Cover({ cover }: { cover: Schemas['CoverView'] }) {
  if (!cover.known) return null;
  return (
    <Columns gap={1}>
      {cover.enough ? (
        <Labelled label={t`the store has it`}>
          <Box>
            <Trans>
              {cover.from.join('; ')}; <span className="mono">{cover.left.text}</span> left after it.
            </Trans>
          </Box>
        </Labelled>
      ) : (
        <Notice title={t`Not enough on the shelf: ${cover.short.text} short`}>
          {cover.from.length > 0 ? t`There is ${cover.from.join('; ')}.` : t`There is none.`}{' '}
          <Trans>Do not begin a coat you cannot finish.</Trans>
        </Notice>
      )}
      {cover.nextShort && (
        <Notice tone="brass" title={t`The rest will not be enough`}>
          {cover.nextShort}
        </Notice>
      )}
      {cover.batchSays && (
        <Notice tone="brass" title={t`One colour, more than one batch`}>
          {cover.batchSays}
        </Notice>
      )}
      {cover.rides.length > 0 && (
        <Labelled label={t`who could ride along`}>
          <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
            {cover.rides.slice(0, 6).map((r) => (
              <li key={r.partId}>
                {r.part}{' '}
                <Text as="span" tone="ink2">
                  ({r.job})
                </Text>{' '}
                <span className="mono">{r.paint.text}</span>
                <Text size="s" tone="ink2">
                  {r.inTime ? t`in time for this mix` : t`from the rest of the kit, not of this mix`}
                  {r.needs ? `: ${r.needs} (${r.before.slice(0, 4).join(', ')}${r.before.length > 4 ? ' …' : ''})` : ''}
                </Text>
              </li>
            ))}
          </Box>
        </Labelled>
      )}
    </Columns>
  );
}
