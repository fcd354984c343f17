import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { useOwnCatalogue } from '../../api/catalogue';
import { Heading } from '../../parts/Headings';
import { Failed, Loading } from '../../parts/Waiting';
import { tok } from '../../theme/tokens';
import { CatalogueEditor } from './CatalogueEditor';

/** A workshop's own products and steps beside the shipped ones. */
export function OwnCatalogue() {
  const own = useOwnCatalogue();
  return (
    <Box component="section" aria-label={t`Own products and steps`} sx={{ mt: 4 }}>
      <Heading>
        <Trans>Own products and steps</Trans>
      </Heading>
      <Box sx={{ color: tok('ink2'), mb: 1.5, maxWidth: 760 }}>
        <Trans>
          What your yard uses beside the typical classes, in the form of the shipped catalogue. It is checked as you
          type, line by line; routes, mixes and windows then reckon with it.
        </Trans>
      </Box>
      {own.isPending && <Loading />}
      {own.isError && <Failed error={own.error} />}
      {own.isSuccess && <CatalogueEditor kept={own.data} key={own.data.text} />}
    </Box>
  );
}
