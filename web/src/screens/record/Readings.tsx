import { t } from '@lingui/core/macro';
import type { Schemas } from '../../api/client';
import type { Form } from '../../parts/form';
import { QuantityField } from '../../parts/QuantityField';
import { Columns } from '../../theme/layout';
import type { Typed } from './entry';

/** The air somebody read, and for a coat what went on. */
export function Readings({
  view,
  of,
  correcting,
  coat,
}: {
  view: Schemas['RecordView'];
  of: Form<Typed>;
  correcting: boolean;
  coat: boolean;
}) {
  const { value } = of;
  const us = view.units === 'us';
  return (
    <>
      <Columns gap={1.5} cols="1fr 1fr">
        <QuantityField
          label={t`Temperature read`}
          of="temperature"
          placeholder={correcting ? '' : view.temperature.text}
          hint={correcting ? '' : t`what you read; shown is ${view.airSource}`}
          {...value('temperature')}
        />
        <QuantityField
          label={t`Humidity read`}
          of="relative humidity"
          placeholder={correcting ? '' : view.humidity.text}
          {...value('humidity')}
        />
      </Columns>
      {coat && (
        <Columns gap={1.5} cols="1fr 1fr" across>
          <QuantityField
            label={t`Paint used`}
            of="volume"
            placeholder={us ? t`14 fl oz` : '0.4 L'}
            hint={t`left empty: as the mix card says`}
            {...value('used')}
          />
          <QuantityField
            label={t`Dry film measured`}
            of="film thickness"
            placeholder={us ? t`4 mil` : t`100 µm`}
            hint={t`by the gauge, once it is dry`}
            {...value('film')}
          />
        </Columns>
      )}
    </>
  );
}
