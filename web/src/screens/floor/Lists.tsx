import { Text } from '../../theme/layout';
import { plural } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';

export function Lists({ view }: { view: Schemas['FloorView'] }) {
  return (
    <>
      {view.lifts.length > 0 && (
        <Text above={3}>
          <Heading>
            <Trans>Lifts</Trans>
          </Heading>
          <Text as="ul" plain>
            {view.lifts.map((l) => (
              <Text as="li" key={l.partId} ruled inset={0.75}>
                <Trans>
                  <b>{l.name}</b> <span className="mono">{l.weight}</span>,{' '}
                  {plural(l.times, { one: 'lifted # time', other: 'lifted # times' })}
                </Trans>
                <Text size="m" tone="brass">
                  {l.says}
                </Text>
              </Text>
            ))}
          </Text>
          <Text size="s" tone="ink2">
            <Trans>Local rules for lifting come first; jacks are not supports, use stands.</Trans>
          </Text>
        </Text>
      )}
      {view.lies.length > 0 && (
        <Text above={3}>
          <Heading>
            <Trans>Lies meanwhile</Trans>
          </Heading>
          <Text as="ul" plain>
            {view.lies.map((l) => (
              <Text as="li" key={`${l.jobId}-${String(l.number)}`} ruled inset={0.75}>
                <Link to={`/job/${l.jobId}/register?tag=${String(l.number)}`}>
                  {l.number} {l.what}
                </Link>
                <Text size="m" tone="ink2">
                  {l.where} · {l.job}
                </Text>
              </Text>
            ))}
          </Text>
        </Text>
      )}
    </>
  );
}
