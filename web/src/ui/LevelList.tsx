import type { Levels, MixPart } from '../sound/mix';
import classes from './LevelList.module.css';

interface Props {
  parts: MixPart[];
  /** What is wanted so far; a part that is not named is as loud as usual. */
  levels: Levels;
  onSet: (levels: Levels) => void;
}

const STEPS = 10;

/** How loud each part sounds, from not at all to full. */
export function LevelList({ parts, levels, onSet }: Props) {
  return (
    <div role="group" aria-label="What sounds" className={classes.levels}>
      {parts.map(({ part, name, usual }) => {
        const level = levels[name] ?? usual;
        return (
          <label key={part}>
            <span>{name}</span>
            <input
              type="range"
              min={0}
              max={STEPS}
              value={Math.round(level * STEPS)}
              aria-valuetext={level === 0 ? 'off' : `${Math.round(level * 100)} percent`}
              onChange={(event) => onSet({ ...levels, [name]: event.currentTarget.valueAsNumber / STEPS })}
            />
            <output>{level === 0 ? 'off' : `${Math.round(level * 100)}%`}</output>
          </label>
        );
      })}
    </div>
  );
}
