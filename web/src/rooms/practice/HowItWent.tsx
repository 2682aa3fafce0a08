import type { TakeRequest } from '../../api/types';
import { useKeys } from '../../ui/useKeys';
import classes from './Asking.module.css';

interface Props {
  /** How many times the line was played to its end. */
  times: number;
  /** Whether it was stopped before it was over. */
  stopped: boolean;
  onSay: (outcome: TakeRequest['outcome']) => void;
  onDrop?: () => void;
}

interface Answer {
  outcome: TakeRequest['outcome'];
  name: string;
  means: (times: number) => string;
}

const ANSWERS: Answer[] = [
  {
    outcome: 'clean',
    name: 'Clean',
    means: (times) => (times > 1 ? `all ${times}, every note` : 'even, every note'),
  },
  {
    outcome: 'slips',
    name: 'Slips',
    means: (times) => (times > 1 ? 'not all clean' : 'to the end, not clean'),
  },
  { outcome: 'stopped', name: 'Stopped', means: () => 'did not reach the end' },
];

function questionOf(times: number, stopped: boolean): string {
  if (!stopped) return times > 1 ? `How did the ${times} go?` : 'How did it go?';
  return times === 0 ? 'You stopped.' : `You stopped after ${times}. How did it go?`;
}

/** How did it go? Three large answers. */
export function HowItWent({ times, stopped, onSay, onDrop }: Props) {
  const whole = times > 0;
  const say = (outcome: TakeRequest['outcome']) => () => onSay(outcome);
  useKeys({
    '1': whole ? say('clean') : undefined,
    '2': whole ? say('slips') : undefined,
    '3': say('stopped'),
  });
  const answers = whole ? ANSWERS : ANSWERS.slice(2);
  return (
    <div className={classes.asking}>
      <h2>{questionOf(times, stopped)}</h2>
      <div className={classes.answers}>
        {answers.map((answer, i) => (
          <button
            key={answer.outcome}
            type="button"
            data-outcome={answer.outcome}
            data-first={i === 0 || undefined}
            onClick={say(answer.outcome)}
          >
            <strong>{answer.name}</strong>
            <span>{answer.means(times)}</span>
          </button>
        ))}
      </div>
      {onDrop && (
        <button type="button" className={classes.quiet} onClick={onDrop}>
          Do not count it
        </button>
      )}
    </div>
  );
}
