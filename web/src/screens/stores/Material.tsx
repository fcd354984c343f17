import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { type Schemas } from '../../api/client';
import { TinLevel } from '../../figures/TinLevel';
import { day } from '../../parts/time';
import { tok } from '../../theme/tokens';
import { Ledger } from './Ledger';
import { given } from '../../parts/given';

/** A tin as it is said to somebody who does not see it. */
function tinWords(material: string, tin: Schemas['TinLineView']): string {
  const keeps = given(tin.expired, [t`past its time`])
    .or(tin.soon, [t`ends soon`])
    .else([]);
  const open = tin.opened ? ['open'] : [];
  return [material, t`batch ${tin.batch || 'unmarked'}`, t`of ${tin.size.text}`, ...keeps, ...open].join(', ');
}

export function Material({
  material,
  now,
  chosen,
  choose,
}: {
  material: Schemas['MaterialView'];
  now: string;
  chosen: string;
  choose: (tin: string) => void;
}) {
  const tin = material.tins.find((one) => one.id === chosen);
  const filled = material.tins.filter((one) => one.left.value > 0 || one.id === chosen);
  return (
    <Text as="li" ruled inset={1} sx={{ listStyle: 'none' }}>
      <Columns gap={2} align="center" cols={{ xs: '1fr', sm: 'minmax(0,230px) minmax(0,1fr) 150px' }}>
        <Box>
          <Text weight="strong">{material.name}</Text>
          <Text size="s" tone="ink2">
            {material.example}; {material.shelf}
          </Text>
        </Box>
        <Row gap={0.5} wrap>
          {filled.length === 0 && (
            <Text size="m" tone="ink2">
              <Trans>none on the shelf</Trans>
            </Text>
          )}
          {filled.map((one) => (
            <Box
              component="button"
              type="button"
              key={one.id}
              aria-pressed={one.id === chosen}
              onClick={() => {
                choose(one.id === chosen ? '' : one.id);
              }}
              sx={{
                background: one.id === chosen ? tok('wash') : 'none',
                border: 0,
                p: 0.5,
                cursor: 'pointer',
                textAlign: 'center',
                color: tok('ink'),
                minWidth: 64,
              }}
            >
              <Box component="span" sx={visuallyHidden}>{`${tinWords(material.name, one)}: `}</Box>
              <TinLevel tin={one} kind={material.hatch} />
              <Text className="mono" size="xs">
                {one.left.text}
              </Text>
              <Text
                size="xs"
                tone={given(one.expired, 'lead').or(one.soon, 'brass').else('ink2')}
                sx={{ fontWeight: one.expired || one.soon ? 700 : 400 }}
              >
                {given(one.activatedAt, t`activated`).else(one.expires ? day(one.expires) : one.batch)}
              </Text>
            </Box>
          ))}
        </Row>
        <Box sx={{ textAlign: { sm: 'right' } }}>
          <Text className="mono" size="xl" weight="middle">
            {material.total.text}
          </Text>
          {material.needed.value > 0 && (
            <Text size="s" tone="ink2">
              <Trans>jobs want {material.needed.text}</Trans>
            </Text>
          )}
          {material.missing.value > 0.0005 && (
            <Text size="s" tone="lead" weight="strong">
              <Trans>{material.missing.text} short</Trans>
            </Text>
          )}
        </Box>
      </Columns>
      {tin && (
        <Text above={1}>
          <Ledger
            key={tin.id}
            tin={tin}
            material={material}
            now={now}
            close={() => {
              choose('');
            }}
          />
        </Text>
      )}
    </Text>
  );
}
