import { memo } from 'react';
import type { Choices } from '../../api/types';

/** Places to choose from; they are the same as long as the meter is, so they are not drawn anew with every nudge. */
export const PlaceOptions = memo(function PlaceOptions({ places }: { places: Choices['places'] }) {
  return places.map((one) => (
    <option key={one.place} value={one.place}>
      {one.words}
    </option>
  ));
});
