import { short } from '../../ui/words';
import { Stone } from '../../ui/Stone';
import { Wrong } from '../../ui/Wrong';
import { useDraft, usePlacing, useWorked } from './BenchContext';
import { shown } from './climb/shown';
import classes from './LadderPath.module.css';

const MOST_SHOWN = 12;
const WIDTH = 38;
const HEIGHT = 24;

/** The tempo ladder as one line of stones; pressing one makes it the tempo that is heard here. It has a side of its own. */
export function LadderPath() {
  const { step, dispatch } = useDraft();
  const { climb, climbRefused } = useWorked();
  const { setSide } = usePlacing();
  const { tempo } = step.document;
  if (climbRefused != null) return <Wrong error={climbRefused} />;
  const axis = climb?.axes.find((one) => one.axis === 'tempo');
  const now = axis?.rungs.findIndex((rung) => rung.bpm === tempo.bpm) ?? 0;
  const places = axis ? shown(axis.rungs.length, MOST_SHOWN, Math.max(0, now)) : [];
  const more = step.climb.axes.length - 1;
  const heard = axis?.rungs[now] ?? climb?.walk[0];
  return (
    <section aria-label="Tempo ladder" className={classes.ladder}>
      {axis ? (
        <ol>
          {places.map((i) => {
            const rung = axis.rungs[i]!;
            const pressed = rung.bpm === tempo.bpm;
            const last = i === axis.rungs.length - 1;
            return (
              <li key={`${i} ${rung.bpm}`}>
                <button
                  type="button"
                  aria-pressed={pressed}
                  aria-label={`${short(rung.bpm)} beats a minute, ${short(rung.notesPerSecond)} notes a second, ${rung.time} a day`}
                  onClick={() => dispatch({ type: 'bpm', bpm: rung.bpm })}
                >
                  <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
                    <Stone
                      seed={`rung ${i} ${rung.bpm}`}
                      width={WIDTH - 4}
                      height={HEIGHT - 3}
                      tone={pressed ? 'river' : last ? 'ink' : 'sand'}
                      x={WIDTH / 2}
                      y={HEIGHT / 2}
                    />
                  </svg>
                  <span data-dark={pressed || last}>{short(rung.bpm)}</span>
                </button>
              </li>
            );
          })}
        </ol>
      ) : (
        climb && (
          <p>
            No tempo is climbed here; it grows from {climb.walk[0]!.stage} to {climb.walk.at(-1)!.stage}.
          </p>
        )
      )}
      <p>
        {axis && 'bpm'}
        {heard && `${axis ? ' · ' : ''}${heard.time} a day`}
      </p>
      <button type="button" className={classes.more} onClick={() => setSide('climb')}>
        {climb?.walk.length ?? 0} {climb?.walk.length === 1 ? 'rung' : 'rungs'}
        {more > 0 && `, ${more + 1} axes`}
      </button>
    </section>
  );
}
