import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { type Tag } from '../../api/register';
import { dayOf } from '../../parts/time';
import { Tick } from './Tick';

/** What is on a tag, with the state it was found in and its ticks. */
export function TagItems({
  tag,
  ticking,
  tick,
}: {
  tag: Tag;
  ticking: boolean;
  tick: (item: number, done: number) => void;
}) {
  return (
    <Text as="ul" plain above={0.5}>
      {tag.items.map((item, n) => (
        <Row as="li" key={n} align="center" wrap sx={{ columnGap: 1.5, minHeight: 32 }}>
          <span>
            {item.count} × {item.what}{' '}
            <Text as="span" size="m" mono>
              {item.size}
            </Text>
          </span>
          {tag.kind !== 'in' && item.state !== 'reuse' && (
            <Text as="span" tone={item.state === 'clean' ? 'brass' : 'lead'} weight="middle">
              {item.expected ? t`${item.stateWords}, expected ${dayOf(item.expected)}` : item.stateWords}
            </Text>
          )}
          {ticking && <Tick tag={tag} index={n} tick={tick} />}
        </Row>
      ))}
    </Text>
  );
}
