import type { Words } from '../../notation/Engraving';
import classes from './Bench.module.css';

interface Props {
  words: Words;
  onChange: (words: Words) => void;
}

/** Which lines stand under the notes. */
export function WordsSwitch({ words, onChange }: Props) {
  return (
    <div className={classes.words} role="group" aria-label="Under the notes">
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
    </div>
  );
}
