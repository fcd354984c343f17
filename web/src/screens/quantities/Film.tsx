import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { FilmBar } from '../../figures/FilmBar';
import { Tins } from '../../figures/Tins';
import { Explained } from '../../parts/Explained';
import { textSize, tok } from '../../theme/tokens';

export function Film({ film }: { film: Schemas['FilmNeedView'] }) {
  const need = film.need;
  return (
    <Box component="li" sx={{ listStyle: 'none', borderTop: `1px solid ${tok('rule')}`, py: 1.5 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'baseline', mb: 0.5 }}>
        <Box>
          <Box component="span" sx={{ fontWeight: 700, fontSize: textSize.l }}>
            {film.name}
          </Box>{' '}
          <Box component="span" sx={{ color: tok('ink2'), fontSize: textSize.m }}>
            <Trans>
              {plural(film.coats, { one: '# coat', other: '# coats' })} · <span className="mono">{film.dft.text}</span>{' '}
              dry · <Explained v={film.wft} label={t`Wet film`} /> wet
            </Trans>
          </Box>
        </Box>
        <Box sx={{ fontSize: textSize.title, whiteSpace: 'nowrap' }}>
          <Explained v={need.amount} label={film.name} />
        </Box>
      </Box>
      <FilmBar film={film} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) auto' },
          gap: 2,
          mt: 0.75,
          fontSize: textSize.m,
        }}
      >
        <Box sx={{ color: tok('ink2') }}>
          <Box>
            <Trans>
              <span className="mono">{film.onPart.text}</span> stays on
            </Trans>
            {film.swallowed.value > 0 && (
              <>
                <Trans>
                  , <span className="mono">{film.swallowed.text}</span> in the profile
                </Trans>
              </>
            )}
            <Trans>
              , <span className="mono">{film.lost.text}</span> goes past
            </Trans>
          </Box>
          <Box>{film.parts.map((p) => `${p.part} ${p.paint.text}`).join(' · ')}</Box>
          {need.from.map((f) => (
            <Box key={f} sx={{ color: tok('zinc'), fontWeight: 600 }}>
              <Trans>From the store: {f}</Trans>
            </Box>
          ))}
        </Box>
        <Box sx={{ justifySelf: { sm: 'end' }, textAlign: { sm: 'right' } }}>
          {need.tins.length === 0 ? (
            <Box sx={{ fontWeight: 700, color: tok('zinc') }}>
              <Trans>The store has it.</Trans>
            </Box>
          ) : (
            <>
              <Tins tins={need.tins} kind={film.hatch} />
              <Box sx={{ color: tok('ink2') }}>
                {need.price}
                {need.seller && ` · ${need.seller}`}
                <Trans>
                  {' '}
                  · <span className="mono">{need.leftover.text}</span> left over
                </Trans>
              </Box>
            </>
          )}
        </Box>
      </Box>
    </Box>
  );
}
