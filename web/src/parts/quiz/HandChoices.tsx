import type { Neck, Question } from '../../api/types';
import { HandPicture } from '../../ui/hand/HandPicture';
import classes from './Quiz.module.css';

interface Props {
  choices: Question['choices'];
  neck?: Neck;
  /** The way that was pressed. */
  chosen: string;
  /** What is right, in words, once it is known. */
  right?: string;
  /** Whether nothing can be pressed any more. */
  still: boolean;
  onChoose: (way: string) => void;
}

/** Hands side by side, of which one is pressed. */
export function HandChoices({ choices, neck, chosen, right, still, onChoose }: Props) {
  return (
    <div className={classes.hands} role="group" aria-label="Answer">
      {choices.map((choice) => (
        <button
          key={choice.way}
          type="button"
          className={classes.hand}
          aria-pressed={choice.way === chosen}
          data-right={choice.look.words === right || undefined}
          disabled={still && choice.way !== chosen && choice.look.words !== right}
          onClick={() => onChoose(choice.way)}
        >
          <HandPicture look={choice.look} neck={neck} />
          <span aria-hidden="true">{choice.look.words}</span>
        </button>
      ))}
    </div>
  );
}
