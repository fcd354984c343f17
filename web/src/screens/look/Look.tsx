import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Heading, Title } from '../../parts/Headings';
import { hatch, hatchKinds } from '../../theme/Hatches';
import { type Token, light, tok } from '../../theme/tokens';

/** The internal page of tokens: nothing else is used anywhere. */
export function Look() {
  return (
    <Box sx={{ p: 3 }}>
      <Title sub={t`Internal`}>
        <Trans>The look</Trans>
      </Title>
      <Heading>
        <Trans>Colours</Trans>
      </Heading>
      <Row gap={2} wrap below={3}>
        {(Object.keys(light) as Token[]).map((name) => (
          <Box key={name}>
            <Box sx={{ width: 96, height: 56, background: tok(name), border: `1px solid ${tok('ink')}` }} />
            {name}
          </Box>
        ))}
      </Row>
      <Heading>
        <Trans>Hatches</Trans>
      </Heading>
      <Row gap={2} wrap below={3}>
        {hatchKinds.map((kind) => (
          <Box key={kind}>
            <svg width="96" height="56">
              <rect width="96" height="56" fill={hatch(kind)} stroke={tok('ink')} />
            </svg>
            <Box>{kind}</Box>
          </Box>
        ))}
      </Row>
      <Heading>
        <Trans>Type</Trans>
      </Heading>
      <Text size="xl">
        <Trans>
          Archivo for words. <span className="mono">Spline Sans Mono 0123456789 for figures.</span>
        </Trans>
      </Text>
    </Box>
  );
}
