import { notes, short } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import { useDraft, usePlacing, useWorked } from './BenchContext';
import { withAxis } from '../../parts/climbs/climbs';
import { shown } from './climb/shown';
import { StonePath, type PathStone } from './climb/StonePath';
import { TempoFields } from './climb/TempoFields';
import classes from './Bench.module.css';

const MOST_SHOWN = 14;
const HEIGHT = 124;

/** The tempo ladder under the notes, as stones up a river; pressing one makes it the tempo that is heard here. */
export function LadderPath() {
  const { step, dispatch } = useDraft();
  const { climb, climbRefused } = useWorked();
  const { setSide } = usePlacing();
  const { tempo } = step.document;
  const place = step.climb.axes.findIndex((axis) => axis.axis === 'tempo');
  const axis = climb?.axes.find((one) => one.axis === 'tempo');
  const now = axis?.rungs.findIndex((rung) => rung.bpm === tempo.bpm) ?? 0;
  const places = axis ? shown(axis.rungs.length, MOST_SHOWN, Math.max(0, now)) : [];
  const stones = places.map<PathStone>((i) => {
    const rung = axis!.rungs[i]!;
    const last = i === axis!.rungs.length - 1;
    return {
      id: `rung ${i} ${rung.bpm}`,
      above: `${rung.notesPerSecond.toFixed(1)}/s`,
      label: short(rung.bpm),
      under: rung.time,
      tone: rung.bpm === tempo.bpm ? 'river' : last ? 'ink' : 'sand',
      pressed: rung.bpm === tempo.bpm,
      name: `${short(rung.bpm)} beats a minute, ${short(rung.notesPerSecond)} notes a second, ${rung.time} a day`,
    };
  });
  const more = step.climb.axes.length - 1;
  return (
    <section aria-label="Tempo ladder" className={classes.ladder}>
      <header>
        <h2>Tempo ladder</h2>
        {place >= 0 && (
          <TempoFields
            axis={step.climb.axes[place]!}
            onChange={(change) => dispatch({ type: 'climb', climb: withAxis(step.climb, place, change) })}
            onScheme={(scheme) => dispatch({ type: 'climbEdit', edit: { scheme } })}
          />
        )}
        <span className={classes.soft}>
          <button type="button" className={classes.more} onClick={() => setSide('climb')}>
            {climb?.walk.length ?? 0} {climb?.walk.length === 1 ? 'rung' : 'rungs'}
            {more > 0 && `, ${more + 1} axes`}
          </button>
        </span>
      </header>
      {climbRefused != null ? (
        <Wrong error={climbRefused} />
      ) : axis ? (
        <StonePath
          stones={stones}
          height={HEIGHT}
          rise={30}
          onPress={(i) => dispatch({ type: 'bpm', bpm: axis.rungs[places[i]!]!.bpm })}
        />
      ) : (
        climb && (
          <p className={classes.soft}>
            No tempo is climbed here; it grows from {notes(climb.walk[0]!.stage)} to{' '}
            {notes(climb.walk.at(-1)!.stage)}.
          </p>
        )
      )}
    </section>
  );
}
