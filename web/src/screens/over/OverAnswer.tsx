import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import type { Schemas } from '../../api/client';
import { Sign } from '../../figures/OverSign';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Loading } from '../../parts/Waiting';
import { tok } from '../../theme/tokens';

function Steps({ label, steps }: { label: string; steps: string[] | null }) {
  return (
    <Labelled label={label}>
      {steps === null && t`No way leads there.`}
      {steps?.length === 0 && t`Nothing in between.`}
      {steps !== null && steps.length > 0 && (
        <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
          {steps.map((s, i) => (
            <li key={`${s}-${i}`}>{s}</li>
          ))}
        </Box>
      )}
    </Labelled>
  );
}

/** Whether it may, why not, and the steps between. */
export function OverAnswer({
  v,
  over,
  under,
  name,
}: {
  v: Schemas['VerdictView'] | undefined;
  over: string;
  under: string;
  name: (film: string) => string;
}) {
  return (
    <Columns gap={2} sx={{ position: { md: 'sticky' }, top: 16 }}>
      {!v ? (
        <Loading />
      ) : (
        <>
          <Box>
            <Text size="m" tone="ink2">
              <Trans>
                {name(over)} over {under === 'bare' ? t`the bare material` : name(under)}
              </Trans>
            </Text>
            <Row gap={1.25} align="flex-start" above={0.5}>
              <Sign answer={v.answer} />
              <Heading>{v.words}</Heading>
            </Row>
          </Box>
          {v.against.map((a) => (
            <Text key={a.says} flag="lead" sx={{ background: tok('leadWash'), p: 1.5 }}>
              <Text weight="strong">{a.says.charAt(0).toUpperCase() + a.says.slice(1)}</Text>
              <Box>{a.consequence}</Box>
              <Text size="s" tone="ink2">
                {a.source}
              </Text>
            </Text>
          ))}
          {v.answer !== 'no' && under === 'bare' && (
            <Steps label={t`Before it, on clean bare material`} steps={v.fresh} />
          )}
          {v.answer !== 'no' && under !== 'bare' && (
            <>
              <Steps label={t`While the one below is fresh`} steps={v.fresh} />
              <Steps label={t`Once the one below has cured`} steps={v.cured} />
            </>
          )}
          {v.notes.map((n) => (
            <Labelled key={n} label={t`From its sheet`}>
              {n}
            </Labelled>
          ))}
          <Text size="s" tone="ink2">
            <Trans>
              Typical classes of product. The sheet of the tin in your hand comes first; try it on a hidden spot.
            </Trans>
          </Text>
        </>
      )}
    </Columns>
  );
}
