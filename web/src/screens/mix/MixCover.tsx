import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { tok } from '../../theme/tokens';

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
