import type { Words } from '../../notation/Engraving';
import classes from './Bench.module.css';

const LINES = [
  { line: 'hand', name: 'hand' },
  { line: 'counts', name: 'counts' },
  { line: 'degrees', name: 'degrees' },
  { line: 'solfa', name: 'sol-fa' },
] as const;

interface Props {
  words: Words;
  /** Whether it is known how the line is fingered. */
  hand: boolean;
  /** Shows how a note is played, where that is known. */
  onHow?: () => void;
  /** Whether it is shown. */
  how: boolean;
  onChange: (words: Words) => void;
  /** Lays another step beside this one. */
  onCompare: () => void;
  /** Takes it away as a file. */
  onTakeAway: () => void;
}

/** Which lines stand under the notes, and the way to see two steps side by side. */
export function PaperSwitch({ words, hand, onHow, how, onChange, onCompare, onTakeAway }: Props) {
  return (
    <div className={classes.words} role="group" aria-label="The paper">
      {LINES.filter(({ line }) => hand || line !== 'hand').map(({ line, name }) => (
        <button
          key={line}
          type="button"
          aria-pressed={words[line] === true}
          onClick={() => onChange({ ...words, [line]: !words[line] })}
        >
          {name}
        </button>
      ))}
      {onHow && (
        <button type="button" aria-pressed={how} onClick={onHow}>
          how it is played
        </button>
      )}
      <button type="button" onClick={onCompare}>
        side by side
      </button>
      <button type="button" onClick={onTakeAway}>
        take away
      </button>
    </div>
  );
}
