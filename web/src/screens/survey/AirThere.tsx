import { t } from '@lingui/core/macro';
import { type Schemas } from '../../api/client';
import { QuantityField } from '../../parts/QuantityField';
import type { DraftPlace } from './WorkedIn';

/** The air of a place as the survey says it. */
export function AirThere({
  place,
  stored,
  change,
  error,
}: {
  place: DraftPlace;
  stored: Schemas['PlaceView'] | undefined;
  change: (place: DraftPlace) => void;
  error: (pointer: string) => string | undefined;
}) {
  return (
    <>
      <QuantityField
        label={t`Air temperature there`}
        value={place.temperature}
        error={error('/place/temperature')}
        pointer="/place/temperature"
        understood={stored?.temperature}
        onChange={(v) => {
          change({ ...place, temperature: v });
        }}
      />
      <QuantityField
        label={t`Relative humidity there`}
        value={place.humidity}
        error={error('/place/humidity')}
        pointer="/place/humidity"
        understood={stored?.humidity}
        onChange={(v) => {
          change({ ...place, humidity: v });
        }}
      />
    </>
  );
}
