import type { TakeForm } from '../../api/types';
import classes from './Practice.module.css';

interface Props {
  /** Whether the line was played to its end. */
  whole: boolean;
  onSay: (outcome: TakeForm['outcome']) => void;
}

const ANSWERS: { outcome: TakeForm['outcome']; name: string; means: string; key: string }[] = [
  { outcome: 'clean', name: 'Clean', means: 'even, every note', key: '1' },
  { outcome: 'slips', name: 'Slips', means: 'to the end, not clean', key: '2' },
  { outcome: 'stopped', name: 'Stopped', means: 'did not reach the end', key: '3' },
];

/** How did it go? Three large answers. */
export function HowItWent({ whole, onSay }: Props) {
  const answers = whole ? ANSWERS : ANSWERS.slice(2);
  return (
    <div className={classes.asking}>
      <h2>{whole ? 'How did it go?' : 'You stopped.'}</h2>
      <div className={classes.answers}>
        {answers.map((answer, i) => (
          <button
            key={answer.outcome}
            type="button"
            data-outcome={answer.outcome}
            autoFocus={i === 0}
            onClick={() => onSay(answer.outcome)}
          >
            <strong>{answer.name}</strong>
            <span>{answer.means}</span>
          </button>
        ))}
      </div>
    </div>
  );
}
