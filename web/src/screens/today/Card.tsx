import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Explained } from '../../parts/Explained';
import { when } from '../../parts/time';
import { textSize, tok, wide } from '../../theme/tokens';

const edge = { now: 'lead', soon: 'brass', work: 'deep', wait: 'phos', done: 'zinc' } as const;

const words = { windows: msg`See the window`, route: msg`See the route`, record: msg`Write what you find` } as const;

export function Card({ card, now }: { card: Schemas['TodayCard']; now: string }) {
  const tone = edge[card.urgency as keyof typeof edge];
  const onFilm = card.urgency === 'now' || card.urgency === 'wait' ? 'windows' : 'route';
  const to = card.marked ? 'record' : onFilm;
  return (
    <Box
      component="li"
      sx={{
        listStyle: 'none',
        borderLeft: `6px solid ${tok(tone)}`,
        background: card.urgency === 'now' ? tok('leadWash') : tok('sheet'),
        p: 2,
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1.15fr 1fr auto' },
        gap: { xs: 1.5, md: 3 },
        alignItems: 'start',
      }}
    >
      <Box>
        <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
          {card.job} · {card.place}
        </Box>
        <Box component="h2" sx={{ m: 0, fontSize: textSize.title, ...wide }}>
          {card.part}
        </Box>
        <Box sx={{ mt: 0.5, fontWeight: 700, color: tok(tone === 'phos' ? 'ink2' : tone) }}>{card.message}</Box>
        {card.window && (
          <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
            {card.window.name}, {card.window.coat}: {card.window.phaseWords}
            {card.window.closesAt ? t`; closes ${when(card.window.closesAt, now)}` : ''}
          </Box>
        )}
      </Box>
      <Box>
        <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>{card.doing ? t`Under way` : t`Next`}</Box>
        <Box sx={{ fontWeight: 650 }}>{card.doing || card.next || t`Nothing`}</Box>
        <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>{card.nextHow}</Box>
        {card.closing.map((c) => (
          <Box key={c} sx={{ fontSize: textSize.m, color: tok('lead') }}>
            {c}
          </Box>
        ))}
      </Box>
      <Box sx={{ minWidth: 190 }}>
        <Box className="mono" sx={{ fontSize: textSize.l }}>
          {card.air}
        </Box>
        <Box sx={{ fontSize: textSize.m }}>
          <Trans>
            dew margin <Explained v={card.dewMargin} label={t`Dew margin`} /> ·
          </Trans>{' '}
          {card.mayCoat ? t`the air is good for a film` : t`the air is not good for a film`}
        </Box>
        <Button
          component={Link}
          to={`/part/${card.partId}/${to}`}
          sx={{ mt: 1 }}
          variant={card.urgency === 'now' ? 'contained' : 'outlined'}
        >
          {spoken(words[to])}
        </Button>
      </Box>
    </Box>
  );
}
