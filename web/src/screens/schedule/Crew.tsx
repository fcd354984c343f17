import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useCrew } from '../../api/plan';
import { Heading } from '../../parts/Headings';
import { Loading } from '../../parts/Waiting';
import { CrewEditor } from './CrewEditor';

/** Who works when, and when it is to be quiet. */
export function Crew() {
  const crew = useCrew();
  return (
    <Text as="section" aria-label={t`Who works when`} above={4}>
      <Heading>
        <Trans>Who works when</Trans>
      </Heading>
      {crew.data ? <CrewEditor crew={crew.data} /> : <Loading />}
    </Text>
  );
}
