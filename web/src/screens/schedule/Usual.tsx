import { Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import type { MessageDescriptor } from '@lingui/core';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import type { Week } from './week';

const weekdays = ['mon', 'tue', 'wed', 'thu', 'fri'];
const on = (ids: string[], hours: string): Week => Object.fromEntries(ids.map((d) => [d, hours]));
const none = on([...weekdays, 'sat', 'sun'], '');

/** Hours people have, to begin from: they fill the week and are changed there. */
const usual: [MessageDescriptor, Week][] = [
  [msg`Working week`, { ...none, ...on(weekdays, '8:00-12:30, 13:00-17:00') }],
  [msg`Weekday evenings`, { ...none, ...on(weekdays, '18:30-21:30') }],
  [msg`Evenings and Saturdays`, { ...none, ...on(weekdays, '18:30-21:30'), sat: '9:00-13:00, 14:00-17:00' }],
  [msg`Saturdays only`, { ...none, sat: '9:00-13:00, 14:00-17:00' }],
  [msg`Weekends`, { ...none, ...on(['sat', 'sun'], '9:00-13:00, 14:00-17:00') }],
];

export function Usual({ who, choose }: { who: string; choose: (week: Week) => void }) {
  return (
    <Row role="group" aria-label={t`Usual hours for ${who}`} gap={1} align="center" wrap>
      <Text as="span" size="s" tone="ink2">
        <Trans>begin from</Trans>
      </Text>
      {usual.map(([name, week]) => (
        <Button
          key={spoken(name)}
          size="small"
          onClick={() => {
            choose(week);
          }}
        >
          {spoken(name)}
        </Button>
      ))}
    </Row>
  );
}
