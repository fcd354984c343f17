import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { type Schemas } from '../../api/client';
import { TinLevel } from '../../figures/TinLevel';
import { day } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';
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
    <Box component="li" sx={{ listStyle: 'none', borderTop: `1px solid ${tok('rule')}`, py: 1 }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,230px) minmax(0,1fr) 150px' },
          gap: 2,
          alignItems: 'center',
        }}
      >
        <Box>
          <Box sx={{ fontWeight: 700 }}>{material.name}</Box>
          <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
            {material.example}; {material.shelf}
          </Box>
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
          {filled.length === 0 && (
            <Box sx={{ color: tok('ink2'), fontSize: textSize.m }}>
              <Trans>none on the shelf</Trans>
            </Box>
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
              <Box className="mono" sx={{ fontSize: textSize.xs }}>
                {one.left.text}
              </Box>
              <Box
                sx={{
                  fontSize: textSize.xs,
                  color: tok(given(one.expired, 'lead').or(one.soon, 'brass').else('ink2')),
                  fontWeight: one.expired || one.soon ? 700 : 400,
                }}
              >
                {given(one.activatedAt, t`activated`).else(one.expires ? day(one.expires) : one.batch)}
              </Box>
            </Box>
          ))}
        </Box>
        <Box sx={{ textAlign: { sm: 'right' } }}>
          <Box className="mono" sx={{ fontSize: textSize.xl, fontWeight: 600 }}>
            {material.total.text}
          </Box>
          {material.needed.value > 0 && (
            <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
              <Trans>jobs want {material.needed.text}</Trans>
            </Box>
          )}
          {material.missing.value > 0.0005 && (
            <Box sx={{ fontSize: textSize.s, color: tok('lead'), fontWeight: 700 }}>
              <Trans>{material.missing.text} short</Trans>
            </Box>
          )}
        </Box>
      </Box>
      {tin && (
        <Box sx={{ mt: 1 }}>
          <Ledger
            key={tin.id}
            tin={tin}
            material={material}
            now={now}
            close={() => {
              choose('');
            }}
          />
        </Box>
      )}
    </Box>
  );
}
