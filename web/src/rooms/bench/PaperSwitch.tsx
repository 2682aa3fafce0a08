import type { Words } from '../../notation/Engraving';
import classes from './Bench.module.css';

interface Props {
  words: Words;
  onChange: (words: Words) => void;
  /** Lays another step beside this one. */
  onCompare: () => void;
  /** Takes it away as a file. */
  onTakeAway: () => void;
}

/** Which lines stand under the notes, and the way to see two steps side by side. */
export function PaperSwitch({ words, onChange, onCompare, onTakeAway }: Props) {
  return (
    <div className={classes.words} role="group" aria-label="The paper">
      {(['counts', 'degrees'] as const).map((line) => (
        <button
          key={line}
          type="button"
          aria-pressed={words[line]}
          onClick={() => onChange({ ...words, [line]: !words[line] })}
        >
          {line}
        </button>
      ))}
      <button type="button" onClick={onCompare}>
        side by side
      </button>
      <button type="button" onClick={onTakeAway}>
        take away
      </button>
    </div>
  );
}
