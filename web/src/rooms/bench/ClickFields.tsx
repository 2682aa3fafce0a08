import { useBench } from './BenchContext';
import { Row } from './Row';
import classes from './Controls.module.css';

const CHOSEN = 'chosen';
const SOUNDING = '';
/** Bars that sound and bars that do not. */
const SILENCES = ['1:1', '2:1', '2:2', '3:1', '4:4'];

/** Which places click, and which bars are silent. */
export function ClickFields() {
  const { step, dispatch, catalogue } = useBench();
  const { metronome, rhythm } = step.document;
  const set = (change: Partial<typeof metronome>) => dispatch({ type: 'metronome', change });
  const beats = catalogue.meters.find((meter) => meter.id === rhythm.meter)?.beats ?? 4;
  const chosen = metronome.beats ?? [];
  const toggle = (beat: number) => {
    const others = chosen.filter((one) => one !== beat);
    const next = chosen.includes(beat) ? others : [...chosen, beat].sort((a, b) => a - b);
    // One beat at least has to click; without any there is "no clicks".
    if (next.length > 0) set({ beats: next });
  };
  const { silent } = metronome;
  const turns = silent ? `${silent.sounding}:${silent.silent}` : SOUNDING;
  return (
    <>
      <Row
        label="Click"
        value={metronome.click}
        choices={catalogue.clicks.map((one) => ({ value: one.id, label: one.name }))}
        onChange={(click) => set({ click, beats: click === CHOSEN ? [beats > 1 ? 2 : 1] : undefined })}
      />
      {metronome.click === CHOSEN && (
        <div className={classes.row} role="group" aria-label="Beats that click">
          <span>Beats</span>
          <span className={classes.values}>
            {Array.from({ length: beats }, (_, i) => i + 1).map((beat) => (
              <button
                key={beat}
                type="button"
                aria-pressed={chosen.includes(beat)}
                aria-label={`Beat ${beat}`}
                onClick={() => toggle(beat)}
              >
                {beat}
              </button>
            ))}
          </span>
        </div>
      )}
      <Row
        label="Silent bars"
        value={turns}
        choices={[
          { value: SOUNDING, label: 'none' },
          ...SILENCES.map((value) => {
            const [on, off] = value.split(':');
            return { value, label: `${on} sound, ${off} silent` };
          }),
        ]}
        onChange={(value) => {
          const [sounding, silentBars] = value.split(':').map(Number);
          set({ silent: value === SOUNDING ? undefined : { sounding: sounding!, silent: silentBars! } });
        }}
      />
    </>
  );
}
