import { Choose } from '../../ui/Choose';
import { useValueName } from '../../ui/useValueName';
import { useAround, useDraft, usePlacing, useWorked } from './BenchContext';
import { PlaceOptions } from './PlaceOptions';
import { Values } from './Values';
import classes from './PulseBar.module.css';

/** What the pulse beneath is made of: values, meter, where the line starts and where it should land. */
export function PulseBar() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { passage, choices } = useWorked();
  const { snap, setSnap } = usePlacing();
  const { rhythm } = step.document;
  const nameOf = useValueName();
  const snaps = catalogue.snaps.map(({ id, value, words }) => {
    const named = catalogue.values.find((one) => one.value === value);
    return { value: id, label: named ? nameOf(named) : words };
  });
  const pulse = passage?.pulse;
  const place = pulse?.place;
  return (
    <div className={classes.bar}>
      <Values />
      <label>
        in{' '}
        <select
          aria-label="Meter"
          value={rhythm.meter}
          onChange={(event) => dispatch({ type: 'edit', edit: { meter: event.currentTarget.value } })}
        >
          {catalogue.meters.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      <label>
        from{' '}
        <select
          aria-label="Starts on"
          value={rhythm.place}
          onChange={(event) => dispatch({ type: 'rhythm', change: { place: event.currentTarget.value } })}
        >
          {place && !choices.places.some((one) => one.place === place.place) && (
            <option value={place.place}>{place.words}</option>
          )}
          <PlaceOptions places={choices.places} />
        </select>
        {place && place.ms !== 0 && (
          <span>
            {Math.abs(place.ms).toFixed(0)} ms {place.ms < 0 ? 'before 1' : 'after 1'}
          </span>
        )}
      </label>
      <label>
        to land on{' '}
        <select
          aria-label="Lands on"
          value={pulse?.lands ?? ''}
          onChange={(event) => dispatch({ type: 'edit', edit: { lands: event.currentTarget.value } })}
        >
          <PlaceOptions places={choices.targets} />
        </select>
      </label>
      <label className={classes.snap}>
        ← → by <Choose label="Moves by" value={snap} choices={snaps} onChange={setSnap} />
      </label>
    </div>
  );
}
