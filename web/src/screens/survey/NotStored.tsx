import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useEffect } from 'react';
import { type Refusal } from '../../api/client';
import { tok } from '../../theme/tokens';

/** Goes to the field that is named by its place in what is sent. */
function toField(pointer: string) {
  const field = document.querySelector<HTMLElement>(`[data-pointer="${CSS.escape(pointer)}"]`);
  field?.scrollIntoView({ block: 'center' });
  field?.querySelector<HTMLElement>('input, textarea, [role=combobox]')?.focus();
}

const onScreen = (pointer: string): boolean =>
  pointer !== '' && document.querySelector(`[data-pointer="${CSS.escape(pointer)}"]`) !== null;

/** Stays in view while something is not stored, with the reason, the way to the field, and the way on without it. */
export function NotStored({ refusal, leaving, leave }: { refusal: Refusal; leaving: boolean; leave: () => void }) {
  useEffect(() => {
    const hold = (e: BeforeUnloadEvent) => {
      e.preventDefault();
    };
    window.addEventListener('beforeunload', hold);
    return () => {
      window.removeEventListener('beforeunload', hold);
    };
  }, []);
  return (
    <Row
      role="alert"
      gap={1.5}
      align="center"
      wrap
      inset={1}
      sx={{
        position: 'fixed',
        left: 0,
        right: 0,
        bottom: { xs: 58, sm: 0 },
        zIndex: 12,
        background: tok('leadWash'),
        borderTop: `3px solid ${tok('lead')}`,
        px: { xs: 2, sm: 3 },
      }}
    >
      <Box sx={{ flex: 1, minWidth: 220 }}>
        <Text as="span" tone="lead" weight="strong">
          {leaving ? t`Not stored, so you are still here. ` : t`Not stored. `}
        </Text>
        {refusal.said}
      </Box>
      {onScreen(refusal.pointer) && (
        <Button
          size="small"
          variant="contained"
          onClick={() => {
            toField(refusal.pointer);
          }}
        >
          <Trans>To the field</Trans>
        </Button>
      )}
      {leaving && (
        <Button size="small" onClick={leave}>
          <Trans>Go on without it</Trans>
        </Button>
      )}
    </Row>
  );
}
