import { Columns, Row, Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { FilmBar } from '../../figures/FilmBar';
import { Tins } from '../../figures/Tins';
import { Explained } from '../../parts/Explained';

export function Film({ film }: { film: Schemas['FilmNeedView'] }) {
  const need = film.need;
  const coats = plural(film.coats, { one: '# coat', other: '# coats' });
  return (
    <Text as="li" ruled inset={1.5} sx={{ listStyle: 'none' }}>
      <Row gap={2} align="baseline" justify="space-between" below={0.5}>
        <Box>
          <Text as="span" size="l" weight="strong">
            {film.name}
          </Text>{' '}
          <Text as="span" size="m" tone="ink2">
            <Trans>
              {coats} · <span className="mono">{film.dft.text}</span> dry ·{' '}
              <Explained v={film.wft} label={t`Wet film`} /> wet
            </Trans>
          </Text>
        </Box>
        <Text size="title" sx={{ whiteSpace: 'nowrap' }}>
          <Explained v={need.amount} label={film.name} />
        </Text>
      </Row>
      <FilmBar film={film} />
      <Columns gap={2} cols={{ xs: '1fr', sm: 'minmax(0,1fr) auto' }} size="m" above={0.75}>
        <Text tone="ink2">
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
            <Text key={f} tone="zinc" weight="middle">
              <Trans>From the store: {f}</Trans>
            </Text>
          ))}
        </Text>
        <Box sx={{ justifySelf: { sm: 'end' }, textAlign: { sm: 'right' } }}>
          {need.tins.length === 0 ? (
            <Text tone="zinc" weight="strong">
              <Trans>The store has it.</Trans>
            </Text>
          ) : (
            <>
              <Tins tins={need.tins} kind={film.hatch} />
              <Text tone="ink2">
                {need.price}
                {need.seller && ` · ${need.seller}`}
                <Trans>
                  {' '}
                  · <span className="mono">{need.leftover.text}</span> left over
                </Trans>
              </Text>
            </>
          )}
        </Box>
      </Columns>
    </Text>
  );
}
