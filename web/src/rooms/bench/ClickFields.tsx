import { useAround, useDraft } from './BenchContext';
import { Row } from './Row';
import classes from './Controls.module.css';

const CLICKS = { value: 'clicks', label: 'clicks' } as const;
const NO_DRONE = { value: 'none', label: 'none' } as const;
const CHOSEN = 'chosen';
const SOUNDING = '';
/** Bars that sound and bars that do not. */
const SILENCES = ['1:1', '2:1', '2:2', '3:1', '4:4'];

/** What sounds with the line: drums or clicks and where, bars that are silent, a drone, and the beats of the foot. */
export function ClickFields() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { metronome, rhythm } = step.document;
  const set = (change: Partial<typeof metronome>) => dispatch({ type: 'metronome', change });
  const beats = catalogue.meters.find((meter) => meter.id === rhythm.meter)?.beats ?? 4;
  const foot = metronome.foot ?? [];
  const tap = (beat: number) => {
    const next = foot.includes(beat)
      ? foot.filter((one) => one !== beat)
      : [...foot, beat].sort((a, b) => a - b);
    set({ foot: next.length > 0 ? next : undefined });
  };
  const { silent } = metronome;
  const turns = silent ? `${silent.sounding}:${silent.silent}` : SOUNDING;
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
      <Row
        label="Drone"
        value={metronome.drone ?? NO_DRONE.value}
        choices={[NO_DRONE, ...catalogue.drones.map((one) => ({ value: one.id, label: one.name }))]}
        onChange={(drone) => set({ drone: drone === NO_DRONE.value ? undefined : drone })}
      />
      <Beats label="Foot taps on" beats={beats} chosen={foot} onToggle={tap} />
    </>
  );
}

/** Which places click. */
function ClickPlaces() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
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
  return (
    <>
      <Row
        label="Click"
        value={metronome.click}
        choices={catalogue.clicks.map((one) => ({ value: one.id, label: one.name }))}
        onChange={(click) => set({ click, beats: click === CHOSEN ? [beats > 1 ? 2 : 1] : undefined })}
      />
      {metronome.click === CHOSEN && (
        <Beats label="Beats that click" beats={beats} chosen={chosen} onToggle={toggle} />
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
