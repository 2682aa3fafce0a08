import { useAround, useDraft, useWorked } from './BenchContext';
import { Row } from './Row';
import classes from './Controls.module.css';

const CLICKS = { value: 'clicks', label: 'clicks' } as const;
const NO_DRONE = { value: 'none', label: 'none' } as const;
const CHOSEN = 'chosen';
const SOUNDING = '';

const silenceId = ({ sounding, silent }: { sounding: number; silent: number }) => `${sounding}:${silent}`;

/** What sounds with the line: drums or clicks and where, bars that are silent, a drone, and the beats of the foot. */
export function ClickFields() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { choices } = useWorked();
  const { metronome } = step.document;
  const { silences } = catalogue.amounts;
  const set = (change: Partial<typeof metronome>) => dispatch({ type: 'metronome', change });
  const { silent } = metronome;
  const turns = silent ? silenceId(silent) : SOUNDING;
  return (
    <>
      <Row
        label="Sounds"
        value={metronome.groove ?? CLICKS.value}
        choices={[
          CLICKS,
          ...catalogue.grooves.map((one) => ({ value: one.id, label: `drums: ${one.name}` })),
        ]}
        onChange={(groove) => set({ groove: groove === CLICKS.value ? undefined : groove })}
      />
      {!metronome.groove && <ClickPlaces />}
      <Row
        label="Silent bars"
        value={turns}
        choices={[
          { value: SOUNDING, label: 'none' },
          ...silences.map((one) => ({
            value: silenceId(one),
            label: `${one.sounding} sound, ${one.silent} silent`,
          })),
        ]}
        onChange={(value) => set({ silent: silences.find((one) => silenceId(one) === value) })}
      />
      <Row
        label="Drone"
        value={metronome.drone ?? NO_DRONE.value}
        choices={[NO_DRONE, ...catalogue.drones.map((one) => ({ value: one.id, label: one.name }))]}
        onChange={(drone) => set({ drone: drone === NO_DRONE.value ? undefined : drone })}
      />
      <Beats
        label="Foot taps on"
        beats={choices.beats}
        chosen={metronome.foot ?? []}
        onToggle={(tapOn) => dispatch({ type: 'edit', edit: { tapOn } })}
      />
    </>
  );
}

/** Which places click. */
function ClickPlaces() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { choices } = useWorked();
  const { metronome } = step.document;
  return (
    <>
      <Row
        label="Click"
        value={metronome.click}
        choices={catalogue.clicks.map((one) => ({ value: one.id, label: one.name }))}
        onChange={(clicks) => dispatch({ type: 'edit', edit: { clicks } })}
      />
      {metronome.click === CHOSEN && (
        <Beats
          label="Beats that click"
          beats={choices.beats}
          chosen={metronome.beats ?? []}
          onToggle={(clickOn) => dispatch({ type: 'edit', edit: { clickOn } })}
        />
      )}
    </>
  );
}

interface BeatsProps {
  label: string;
  beats: number;
  chosen: number[];
  onToggle: (beat: number) => void;
}

/** The beats of a bar, each on or off. */
function Beats({ label, beats, chosen, onToggle }: BeatsProps) {
  return (
    <div className={classes.row} role="group" aria-label={label}>
      <span>{label}</span>
      <span className={classes.values}>
        {Array.from({ length: beats }, (_, i) => i + 1).map((beat) => (
          <button
            key={beat}
            type="button"
            aria-pressed={chosen.includes(beat)}
            aria-label={`${label} beat ${beat}`}
            onClick={() => onToggle(beat)}
          >
            {beat}
          </button>
        ))}
      </span>
    </div>
  );
}
