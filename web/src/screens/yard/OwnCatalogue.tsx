import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useOwnCatalogue } from '../../api/catalogue';
import { Heading } from '../../parts/Headings';
import { Failed, Loading } from '../../parts/Waiting';
import { CatalogueEditor } from './CatalogueEditor';

/** A workshop's own products and steps beside the shipped ones. */
export function OwnCatalogue() {
  const own = useOwnCatalogue();
  return (
    <Text as="section" aria-label={t`Own products and steps`} above={4}>
      <Heading>
        <Trans>Own products and steps</Trans>
      </Heading>
      <Text tone="ink2" below={1.5} widest={760}>
        <Trans>
          What your yard uses beside the typical classes, in the form of the shipped catalogue. It is checked as you
          type, line by line; routes, mixes and windows then reckon with it.
        </Trans>
      </Text>
      {own.isPending && <Loading />}
      {own.isError && <Failed error={own.error} />}
      {own.isSuccess && <CatalogueEditor kept={own.data} key={own.data.text} />}
    </Text>
  );
}
