import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { usePartFilms, useSaveRoute } from '../../api/parts';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { tok } from '../../theme/tokens';
import { Aims } from './Aims';
import { FilmCard } from './FilmCard';
import { Layers } from './Layers';

/** What is wanted of the part, and which film leads there: each with its coats, hours, tins and life. */
export function Film() {
  const { part = '' } = useParams();
  const films = usePartFilms(part);
  const { plan } = useSaveRoute(part);
  const [all, setAll] = useState(false);
  if (films.isPending) return <Loading />;
  if (films.isError) return <Failed error={films.error} />;
  const view = films.data;
  const fit = view.films.filter((f) => f.reasons.length === 0);
  const rest = view.films.filter((f) => f.reasons.length > 0);
  const wanted = view.aims.find((a) => a.chosen);
  return (
    <Columns cols={{ xs: '1fr', md: '340px minmax(0,1fr)' }}>
      <Text roomy sheet sx={{ borderRight: { md: `1px solid ${tok('rule')}` } }}>
        <Aims
          view={view}
          busy={plan.isPending}
          pick={(aim) => {
            plan.mutate({ schools: {}, aim, film: '' });
          }}
        />
      </Text>
      <Text roomy shrinks>
        <Title sub={wanted ? wanted.name : t`nothing can be planned yet`}>
          <Trans>What leads there</Trans>
        </Title>
        {view.obstacle && (
          <div role="alert">
            <Notice title={t`What stands in the way`}>{view.obstacle}</Notice>
          </div>
        )}
        {plan.error && (
          <div role="alert">
            <Notice title={t`Not stored`}>{plan.error.message}</Notice>
          </div>
        )}
        <Row gap={2} align="baseline" wrap below={1.5} role="status">
          <Text size="m" tone="ink2">
            {plan.isPending && t`Planning again …`}
            {!plan.isPending &&
              (view.filmPicked ? t`Picked by hand.` : t`The first that fits and follows your schools is planned.`)}
          </Text>
          {view.filmPicked && (
            <Button
              size="small"
              disabled={plan.isPending}
              onClick={() => {
                plan.mutate({ schools: {}, film: '' });
              }}
            >
              <Trans>Leave it to the plan</Trans>
            </Button>
          )}
          <Button component={Link} to="../route" relative="path" size="small">
            <Trans>See the order of work</Trans>
          </Button>
        </Row>
        {(view.layers.length > 0 || view.layersPicked) && (
          <Layers
            view={view}
            busy={plan.isPending}
            save={(layers, stored) => {
              plan.mutate({ schools: {}, layers }, { onSuccess: stored });
            }}
          />
        )}
        {fit.map((f) => (
          <FilmCard
            key={f.id}
            part={part}
            number={view.number}
            film={f}
            busy={plan.isPending}
            take={() => {
              plan.mutate({ schools: {}, film: f.id });
            }}
          />
        ))}
        {fit.length === 0 && (
          <Box>
            <Trans>No film of the catalogue leads there on this part as it is surveyed.</Trans>
          </Box>
        )}
        {rest.length > 0 && (
          <>
            <Button
              onClick={() => {
                setAll(!all);
              }}
              aria-expanded={all}
              sx={{ mt: 2 }}
            >
              {all ? t`Fold` : t`${String(rest.length)} more are made for this material, but not for this`}
            </Button>
            {all && (
              <Box component="section" aria-label={t`Not here`}>
                <Heading>
                  <Trans>Not here, and why</Trans>
                </Heading>
                {rest.map((f) => (
                  <Text key={f.id} ruled inset={1}>
                    <Text weight="firm">{f.name}</Text>
                    <Text size="m" tone="ink2">
                      {f.reasons.join(' ')}
                    </Text>
                  </Text>
                ))}
              </Box>
            )}
          </>
        )}
      </Text>
    </Columns>
  );
}
