import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useState } from 'react';
import { type Schemas } from '../../api/client';
import { useAsIf } from '../../api/plan';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';
import { QuantityField } from '../../parts/QuantityField';
import { usePaused } from '../../parts/usePaused';

/** What a heater or a dehumidifier would make of the place. */
export function AsIf({ now }: { now: Schemas['PlaceHours'] }) {
  const [heat, setHeat] = useState('');
  const [dry, setDry] = useState('');
  const [room, setRoom] = useState('');
  const asked = useAsIf(now.name, usePaused(heat), usePaused(dry), usePaused(room));
  return (
    <Text as="section" aria-label={t`As if`} above={2.5}>
      <Heading>
        <Trans>If {now.name} were heated or dried</Trans>
      </Heading>
      <Row gap={1.5} align="start" wrap>
        <QuantityField
          label={t`Heated to`}
          of="temperature"
          placeholder="18 C"
          value={heat}
          onChange={setHeat}
          error={asked.isError}
          sx={{ width: 130 }}
        />
        <QuantityField
          label={t`Dried to`}
          of="relative humidity"
          placeholder="55 %"
          value={dry}
          onChange={setDry}
          error={asked.isError}
          sx={{ width: 130 }}
        />
        <QuantityField
          label={t`Room`}
          of="volume"
          placeholder="120 m3"
          value={room}
          onChange={setRoom}
          error={asked.isError}
          sx={{ width: 130 }}
        />
        {asked.isError && (
          <Text role="alert" size="m" tone="lead">
            {asked.error.message}
          </Text>
        )}
        {asked.data && (
          <Text role="status" size="m">
            <Trans>
              <span className="mono">{asked.data.air.air}</span>, dew margin{' '}
              <Explained v={asked.data.air.dewMargin} label={t`Dew margin`} />; closed to wet films for{' '}
              <b className="mono">{asked.data.air.shutHours} h</b> of the next two days instead of{' '}
              <span className="mono">{now.shutHours} h</span>.
            </Trans>
            {asked.data.water && (
              <>
                {' '}
                <Trans>
                  The dehumidifier takes out <Explained v={asked.data.water} label={t`Water in a day`} /> of water a
                  day.
                </Trans>
              </>
            )}{' '}
            <Trans>An unvented burner adds water and lights vapour.</Trans>
          </Text>
        )}
      </Row>
    </Text>
  );
}
