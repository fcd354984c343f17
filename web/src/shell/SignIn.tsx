import { Columns, Text } from '../theme/layout';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { textSize, tok, wide } from '../theme/tokens';
import { Mark } from './Mark';
import { SignInForm } from './SignInForm';
import { keys } from '../api/keys';

export function SignIn() {
  const client = useQueryClient();
  return (
    <Columns as="main" cols={{ xs: '1fr', md: '1.1fr 1fr' }} sx={{ minHeight: '100vh' }}>
      <Box
        sx={{
          p: { xs: 3, md: 8 },
          borderRight: { md: `2px solid ${tok('ink')}` },
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'center',
        }}
      >
        <Mark />
        <Text
          as="h1"
          above={2}
          below={2}
          sx={{
            ...wide,
            fontSize: { xs: textSize.big, md: textSize.poster },
            lineHeight: 1.02,
            fontWeight: 800,
            fontStretch: '120%',
          }}
        >
          <Trans>Unbowed</Trans>
          <br />
          <Trans>Hull</Trans>
        </Text>
        <Text size="xl" widest={440}>
          <Trans>What to do next to the part in front of you, with what, how much of it, and until when.</Trans>
        </Text>
        <svg viewBox="0 0 440 110" width="100%" style={{ maxWidth: 440, marginTop: 32 }} aria-hidden="true">
          <rect x="0" y="70" width="440" height="40" fill="url(#hatch-steel)" stroke={tok('ink')} />
          <rect x="0" y="46" width="360" height="24" fill="url(#hatch-epoxy)" stroke={tok('ink')} />
          <rect x="0" y="24" width="270" height="22" fill="url(#hatch-epoxy)" stroke={tok('ink')} />
          <rect x="0" y="8" width="160" height="16" fill="url(#hatch-colour)" stroke={tok('ink')} />
        </svg>
      </Box>
      <Text
        widest={460}
        sx={{
          p: { xs: 3, md: 8 },
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'center',
          gap: 2,
          width: '100%',
        }}
      >
        <Text as="h2" size="title" sx={{ m: 0, ...wide }}>
          <Trans>Sign in</Trans>
        </Text>
        <SignInForm entered={() => client.invalidateQueries({ queryKey: keys.session })} />
      </Text>
    </Columns>
  );
}
