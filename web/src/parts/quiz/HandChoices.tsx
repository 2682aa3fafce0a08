import type { Neck, Question } from '../../api/types';
import { HandPicture } from '../../ui/hand/HandPicture';
import classes from './Quiz.module.css';

interface Props {
  choices: Question['choices'];
  neck?: Neck;
  /** The way that was pressed. */
  chosen: string;
  /** Whether nothing can be pressed any more. */
  still: boolean;
  onChoose: (way: string) => void;
}

/** Hands side by side, of which one is pressed. */
export function HandChoices({ choices, neck, chosen, still, onChoose }: Props) {
  return (
    <div className={classes.hands} role="group" aria-label="Answer">
      {choices.map((choice) => (
        <button
          key={choice.way}
          type="button"
          className={classes.hand}
          aria-pressed={choice.way === chosen}
          disabled={still && choice.way !== chosen}
          onClick={() => onChoose(choice.way)}
        >
          <HandPicture look={choice.look} neck={neck} />
          <span aria-hidden="true">{choice.look.words}</span>
        </button>
      ))}
    </div>
  );
}
