import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { type Schemas } from '../../api/client';
import { Figures } from './WayFigures';

type Option = Schemas['RouteView']['schools'][number]['options'][number];

/** What speaks for an answer and against it, and what it would change. */
export function WayWords({ o, a }: { o: Option; a: Schemas['AlternativeView'] | undefined }) {
  return (
    <Text shrinks>
      <Text weight="strong">{o.name}</Text>
      {o.for.map((w) => (
        <Text key={w} size="s">
          + {w}
        </Text>
      ))}
      {o.against.map((w) => (
        <Text key={w} size="s">
          – {w}
        </Text>
      ))}
      {o.for.length + o.against.length === 0 && <Text size="s">{o.hint}</Text>}
      {a?.closed && (
        <Text size="s" sx={{ fontStyle: 'italic' }}>
          {a.closed}
        </Text>
      )}
      {!o.chosen && a?.figures && <Figures f={a.figures} />}
      {!o.chosen && a && a.gains.length + a.spares.length > 0 && (
        <Text size="s">
          {a.gains.length > 0 && t`with ${a.gains.slice(0, 3).join(', ')}`}
          {a.gains.length > 3 && ' …'}
          {a.gains.length > 0 && a.spares.length > 0 && '; '}
          {a.spares.length > 0 && t`without ${a.spares.slice(0, 3).join(', ')}`}
          {a.spares.length > 3 && ' …'}
        </Text>
      )}
    </Text>
  );
}
