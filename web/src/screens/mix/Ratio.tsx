import { spoken } from '../../words/spoken';
import { Row, Text } from '../../theme/layout';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Notice } from '../../parts/Notice';
import { tok } from '../../theme/tokens';
import { given } from '../../parts/given';

const by = { volume: msg`volume`, mass: msg`mass` };

export function Ratio({ card }: { card: Schemas['CoatCard'] }) {
  if (!card.mixed && card.parts.length < 2) return null;
  const said = (measure: 'volume' | 'mass', text: string) => (
    <Box
      sx={{ borderLeft: `3px solid ${tok(card.stated === measure || card.stated === 'both' ? 'ink' : 'phos')}`, pl: 1 }}
    >
      <Text size="s" tone="ink2">
        {given(card.stated === measure || card.stated === 'both', t`by ${spoken(by[measure])}, as the sheet states`)
          .or(text, t`by ${spoken(by[measure])}, from the densities`)
          .else(t`by ${spoken(by[measure])}`)}
      </Text>
      <Text className="mono" size="xl" weight="middle">
        {text ? text.replace(` by ${measure}`, '') : t`not known`}
      </Text>
    </Box>
  );
  return (
    <Box>
      <Row gap={3}>
        {said('volume', card.byVolume)}
        {said('mass', card.byMass)}
      </Row>
      {card.missing.length > 0 && (
        <Notice
          tone="brass"
          title={t`Only the ratio by ${spoken(card.stated === 'mass' ? by.mass : by.volume)} is known`}
        >
          <Trans>
            For the other the sheet would have to give: {card.missing.join(', ')}. The two are not the same; do not swap
            them.
          </Trans>
        </Notice>
      )}
    </Box>
  );
}
