import { Choose } from '../../ui/Choose';
import { useValueName } from '../../ui/useValueName';
import { useAround, useDraft, usePlacing, useWorked } from './BenchContext';
import type { Snap } from './snapping';
import { PlaceOptions } from './PlaceOptions';
import { Values } from './Values';
import classes from './PulseBar.module.css';

/** What ← and → move by; a division of the beat goes by the name of its value. */
const SNAPS: { value: Snap; division?: string }[] = [
  { value: 'clicks' },
  { value: 'eighths', division: '1/8' },
  { value: 'sixteenths', division: '1/16' },
  { value: 'triplets' },
];

/** What the pulse beneath is made of: values, meter, where the line starts and where it should land. */
export function PulseBar() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { passage } = useWorked();
  const { snap, setSnap } = usePlacing();
  const { rhythm, landing } = step.document;
  const nameOf = useValueName();
  const snaps = SNAPS.map(({ value, division }) => {
    const named = catalogue.values.find((one) => one.value === division);
    return { value, label: named ? nameOf(named) : value };
  });
  const meter = catalogue.meters.find((one) => one.id === rhythm.meter);
  const pulse = passage?.pulse;
  const place = pulse?.places.find((one) => one.place === rhythm.place);
  const targets = (pulse?.places ?? []).filter((one) => one.x >= 0 && one.x < (pulse?.bar ?? 1));
  const target = landing.at ?? targets.find((one) => one.count === String(landing.beat))?.place ?? '0';
  const land = (at: string) => {
    const count = targets.find((one) => one.place === at)?.count ?? '';
    const beat = /^\d+$/.test(count) && Number(count) <= (meter?.beats ?? 4) ? Number(count) : undefined;
    dispatch({
      type: 'landing',
      landing: { note: landing.note, ...(beat === undefined ? { at } : { beat }) },
    });
  };
  return (
    <div className={classes.bar}>
      <Values />
      <label>
        in{' '}
        <select
          aria-label="Meter"
          value={rhythm.meter}
          onChange={(event) => {
            const next = catalogue.meters.find((one) => one.id === event.currentTarget.value);
            if (next) dispatch({ type: 'meter', meter: next.id, beat: next.beat });
          }}
        >
          {catalogue.meters.map((one) => (
            <option key={one.id}>{one.id}</option>
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
          {!place && <option value={rhythm.place}>{rhythm.place}</option>}
          <PlaceOptions meter={rhythm.meter} places={pulse?.places ?? []} />
        </select>
        {place && place.ms !== 0 && (
          <span>
            {Math.abs(place.ms).toFixed(0)} ms {place.ms < 0 ? 'before 1' : 'after 1'}
          </span>
        )}
      </label>
      <label>
        to land on{' '}
        <select aria-label="Lands on" value={target} onChange={(event) => land(event.currentTarget.value)}>
          <PlaceOptions meter={rhythm.meter} places={targets} />
        </select>
      </label>
      <label className={classes.snap}>
        ← → by <Choose label="Moves by" value={snap} choices={snaps} onChange={setSnap} />
      </label>
    </div>
  );
}
