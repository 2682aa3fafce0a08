import { Checkbox, NumberInput } from '@mantine/core';
import type { TakeAwayOptions } from '../../api/types';
import { TRACKS } from './formats';
import classes from './TakeAway.module.css';

interface Props {
  options: TakeAwayOptions;
  onSet: (change: TakeAwayOptions) => void;
}

/** What stands under the notes and before them. */
export function NotesOptions({ options, onSet }: Props) {
  return (
    <fieldset className={classes.options}>
      <legend>On the paper</legend>
      <Checkbox
        size="sm"
        label="counts under the notes"
        checked={options.counts === true}
        onChange={(event) => onSet({ counts: event.currentTarget.checked })}
      />
      <Checkbox
        size="sm"
        label="degrees under the notes"
        checked={options.degrees === true}
        onChange={(event) => onSet({ degrees: event.currentTarget.checked })}
      />
      <Checkbox
        size="sm"
        label="sol-fa under the notes"
        checked={options.solfa === true}
        onChange={(event) => onSet({ solfa: event.currentTarget.checked })}
      />
      <Checkbox
        size="sm"
        label="fingers at the notes, where they are known"
        checked={options.fingers === true}
        onChange={(event) => onSet({ fingers: event.currentTarget.checked })}
      />
      <Checkbox
        size="sm"
        label="the count-in as bars of rest"
        checked={options.countIn === true}
        onChange={(event) => onSet({ countIn: event.currentTarget.checked })}
      />
    </fieldset>
  );
}

/** What sounds, how often, and whether the ladder is climbed. */
export function SoundOptions({ options, onSet }: Props) {
  const heard = options.heard ?? [];
  return (
    <fieldset className={classes.options}>
      <legend>What sounds</legend>
      <div className={classes.tracks}>
        {TRACKS.map(({ id, name }) => (
          <Checkbox
            key={name}
            size="sm"
            label={name}
            checked={id.every((one) => heard.includes(one))}
            onChange={(event) => {
              const without = heard.filter((one) => !id.includes(one));
              onSet({ heard: event.currentTarget.checked ? [...without, ...id] : without });
            }}
          />
        ))}
      </div>
      <Checkbox
        size="sm"
        label="every rung of the ladder, each counted in"
        checked={options.ladder === true}
        onChange={(event) => onSet({ ladder: event.currentTarget.checked })}
      />
      <NumberInput
        size="sm"
        label="Times in a row"
        min={1}
        max={100}
        allowDecimal={false}
        value={options.times ?? 1}
        onChange={(times) => onSet({ times: Number(times) || 1 })}
        w={140}
      />
    </fieldset>
  );
}
