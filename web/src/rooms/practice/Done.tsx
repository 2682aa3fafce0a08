import { useState } from 'react';
import type { Today } from '../../api/types';
import { Stone } from '../../ui/Stone';
import buttons from './Buttons.module.css';
import classes from './Done.module.css';

interface Props {
  today: Today;
  /** Takes and lines that are not sent yet. */
  waiting: number;
  onWord: (text: string) => Promise<void>;
  onBack: () => void;
}

const FULL_RINGS = 4;

/** The end of the day's list: what was done, how long, what moved, and a line to the teacher. */
export function Done({ today, waiting, onWord, onBack }: Props) {
  const [word, setWord] = useState('');
  const [said, setSaid] = useState(false);
  const { takes, clean, time } = today.done;
  const say = () => {
    if (!word.trim()) return;
    setSaid(true);
    void onWord(word.trim());
  };
  return (
    <main className={classes.done}>
      <h1>{takes > 0 ? 'Done for today' : 'Nothing played yet'}</h1>
      {takes > 0 && (
        <p>
          {takes} {takes === 1 ? 'take' : 'takes'} today, {clean} clean, {time} of playing
          {waiting > 0 ? `; ${waiting} still to be sent` : ''}.
        </p>
      )}
      <ul>
        {today.items.map((item) => (
          <li key={item.assignmentId}>
            <svg width="46" height="32" aria-hidden="true">
              <Stone
                seed={item.head.title}
                width={42}
                height={26}
                tone={item.day.takes > 0 ? 'moss' : 'sand'}
                rings={Math.min(FULL_RINGS, item.day.takes)}
                x={23}
                y={16}
              />
            </svg>
            <span>
              <strong>
                {item.head.key} · {item.day.takes} {item.day.takes === 1 ? 'take' : 'takes'}
                {item.day.takes > 0 && `, ${item.day.clean} clean`}
              </strong>
              {item.day.morning !== item.toPlay.here.now && (
                <em>
                  {item.day.morning} → {item.toPlay.here.now}
                </em>
              )}
              <br />
              {item.misfit ? item.misfit.sentence : item.standing.sentence}
            </span>
          </li>
        ))}
      </ul>
      {today.trims.length > 0 && <p className={classes.trims}>{today.trims.join(' ')}</p>}
      {said ? (
        <p role="status">Your line is kept and goes to your teacher.</p>
      ) : (
        <form
          className={classes.word}
          onSubmit={(event) => {
            event.preventDefault();
            say();
          }}
        >
          <input
            aria-label="A line to your teacher"
            placeholder="a line to your teacher"
            maxLength={500}
            value={word}
            onChange={(event) => setWord(event.currentTarget.value)}
          />
          <button type="submit" className={buttons.soft} disabled={!word.trim()}>
            Send
          </button>
        </form>
      )}
      <button type="button" className={buttons.soft} onClick={onBack}>
        Back to the first
      </button>
    </main>
  );
}
