import { Columns, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Explained } from '../../parts/Explained';
import { given } from '../../parts/given';
import { when } from '../../parts/time';
import { tok, wide } from '../../theme/tokens';

const edge = { now: 'lead', soon: 'brass', work: 'deep', wait: 'phos', done: 'zinc' } as const;

const words = { windows: msg`See the window`, route: msg`See the route`, record: msg`Write what you find` } as const;

export function Card({ card, now }: { card: Schemas['TodayCard']; now: string }) {
  const tone = edge[card.urgency as keyof typeof edge];
  const onFilm = card.urgency === 'now' || card.urgency === 'wait' ? 'windows' : 'route';
  const closes = when(card.window?.closesAt ?? null, now);
  const to = card.marked ? 'record' : onFilm;
  return (
    <Columns
      as="li"
      align="start"
      cols={{ xs: '1fr', md: '1.15fr 1fr auto' }}
      sx={{
        listStyle: 'none',
        borderLeft: `6px solid ${tok(tone)}`,
        background: card.urgency === 'now' ? tok('leadWash') : tok('sheet'),
        p: 2,
        gap: { xs: 1.5, md: 3 },
      }}
    >
      <Box>
        <Text size="m" tone="ink2">
          {card.job} · {card.place}
        </Text>
        <Text as="h2" size="title" sx={{ m: 0, ...wide }}>
          {card.part}
        </Text>
        <Text tone={tone === 'phos' ? 'ink2' : tone} weight="strong" above={0.5}>
          {card.message}
        </Text>
        {card.window && (
          <Text size="m" tone="ink2">
            {card.window.name}, {card.window.coat}: {card.window.phaseWords}
            {card.window.closesAt &&
              given(card.window.closesAt < now, t`; closed ${closes}`).else(t`; closes ${closes}`)}
          </Text>
        )}
      </Box>
      <Box>
        <Text size="m" tone="ink2">
          {card.doing ? t`Under way` : t`Next`}
        </Text>
        <Text weight="firm">{card.doing || card.next || t`Nothing`}</Text>
        <Text size="m" tone="ink2">
          {card.nextHow}
        </Text>
        {card.closing.map((c) => (
          <Text key={c} size="m" tone="lead">
            {c}
          </Text>
        ))}
      </Box>
      <Box sx={{ minWidth: 190 }}>
        <Text className="mono" size="l">
          {card.air}
        </Text>
        <Text size="m">
          <Trans>
            dew margin <Explained v={card.dewMargin} label={t`Dew margin`} /> ·
          </Trans>{' '}
          {card.mayCoat ? t`the air is good for a film` : t`the air is not good for a film`}
        </Text>
        <Button
          component={Link}
          to={`/part/${card.partId}/${to}`}
          sx={{ mt: 1 }}
          variant={card.urgency === 'now' ? 'contained' : 'outlined'}
        >
          {spoken(words[to])}
        </Button>
      </Box>
    </Columns>
  );
}
