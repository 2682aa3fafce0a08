import { memo } from 'react';
import type { PulseDocument } from '../../api/types';

interface Props {
  meter: string;
  places: PulseDocument['places'];
}

/** Places to choose from; they are the same as long as the meter is, so they are not drawn anew with every nudge. */
export const PlaceOptions = memo(
  function PlaceOptions({ places }: Props) {
    return places.map((place) => (
      <option key={place.place} value={place.place}>
        {place.words}
      </option>
    ));
  },
  (before, after) => before.meter === after.meter && before.places.length === after.places.length,
);
