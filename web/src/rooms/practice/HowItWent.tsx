import { useState } from 'react';
import type { TakeForm } from '../../api/types';
import { useKeys } from '../../ui/useKeys';
import classes from './Practice.module.css';

interface Props {
  /** Whether the line was played to its end. */
  whole: boolean;
  onSay: (outcome: TakeForm['outcome'], note: string) => void;
}

const ANSWERS: { outcome: TakeForm['outcome']; name: string; means: string; key: string }[] = [
  { outcome: 'clean', name: 'Clean', means: 'even, every note', key: '1' },
  { outcome: 'slips', name: 'Slips', means: 'to the end, not clean', key: '2' },
  { outcome: 'stopped', name: 'Stopped', means: 'did not reach the end', key: '3' },
];

/** How did it go? Three large answers. */
export function HowItWent({ whole, onSay }: Props) {
  const [note, setNote] = useState('');
  const say = (outcome: TakeForm['outcome']) => () => onSay(outcome, note);
  useKeys({
    '1': whole ? say('clean') : undefined,
    '2': whole ? say('slips') : undefined,
    '3': say('stopped'),
  });
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
            onClick={say(answer.outcome)}
          >
            <strong>{answer.name}</strong>
            <span>{answer.means}</span>
          </button>
        ))}
      </div>
      <input
        className={classes.note}
        aria-label="A word to your teacher"
        placeholder="a word to your teacher, if you like"
        maxLength={500}
        value={note}
        onChange={(event) => setNote(event.currentTarget.value)}
      />
    </div>
  );
}
