import type { TakeForm } from '../../api/types';
import { useKeys } from '../../ui/useKeys';
import classes from './Asking.module.css';

interface Props {
  /** Whether the line was played to its end at least once. */
  whole: boolean;
  /** What is asked, such as how many times it was played. */
  question: string;
  onSay: (outcome: TakeForm['outcome']) => void;
  onDrop: () => void;
}

const ANSWERS: { outcome: TakeForm['outcome']; name: string; means: string; key: string }[] = [
  { outcome: 'clean', name: 'Clean', means: 'even, every note', key: '1' },
  { outcome: 'slips', name: 'Slips', means: 'to the end, not clean', key: '2' },
  { outcome: 'stopped', name: 'Stopped', means: 'did not reach the end', key: '3' },
];

/** How did it go? Three large answers. */
export function HowItWent({ whole, question, onSay, onDrop }: Props) {
  const say = (outcome: TakeForm['outcome']) => () => onSay(outcome);
  useKeys({
    '1': whole ? say('clean') : undefined,
    '2': whole ? say('slips') : undefined,
    '3': say('stopped'),
  });
  const answers = whole ? ANSWERS : ANSWERS.slice(2);
  return (
    <div className={classes.asking}>
      <h2>{question}</h2>
      <div className={classes.answers}>
        {answers.map((answer, i) => (
          <button
            key={answer.outcome}
            type="button"
            data-outcome={answer.outcome}
            autoFocus={i === 0}
            onClick={say(answer.outcome)}
          >
            <strong>{answer.name}</strong>
            <span>{answer.means}</span>
          </button>
        ))}
      </div>
      <button type="button" className={classes.quiet} onClick={onDrop}>
        Do not count it
      </button>
    </div>
  );
}
