import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Today } from '../../api/types';
import { SchemeToggle } from '../../ui/SchemeToggle';
import { Stone } from '../../ui/Stone';
import { useOwnQuiz } from './usePractice';
import { signs } from '../../ui/signs';
import classes from './Head.module.css';

interface Props {
  today: Today;
  token: string;
  at: number;
  onGo: (to: number) => void;
  onKeys: () => void;
}

const FULL_RINGS = 4;

/** Whose room it is, and today's list in its order, each with its key and minutes. */
export function PracticeHead({ today, token, at, onGo, onKeys }: Props) {
  const list = useRef<HTMLElement>(null);
  const quiz = useOwnQuiz(token);
  useEffect(() => {
    // With many on the list, the one that is played stays in sight.
    list.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [at]);
  return (
    <header className={classes.head}>
      <span className={classes.whose}>
        <strong>{today.student.split(' ')[0]}</strong>
        <span>{today.instrument}</span>
      </span>
      <nav ref={list} className={classes.list} aria-label="Today">
        {today.items.map((item, i) => (
          <button
            key={item.assignmentId}
            type="button"
            aria-current={i === at ? 'step' : undefined}
            aria-label={`${i + 1} of ${today.items.length}: ${item.head.title} in ${item.head.key}, ${item.toPlay.minutes} minutes`}
            onClick={() => onGo(i)}
          >
            <svg width="34" height="22" aria-hidden="true">
              <Stone
                seed={item.head.title}
                width={i === at ? 32 : 25}
                height={i === at ? 20 : 15}
                tone={i === at ? 'river' : item.day.takes > 0 ? 'moss' : 'sand'}
                rings={Math.min(FULL_RINGS, item.day.takes)}
                x={17}
                y={11}
              />
            </svg>
            <span className={classes.listKey}>{signs(item.head.tonic)}</span>
            <span className={classes.listMinutes}>{item.misfit ? '–' : `${item.toPlay.minutes} min`}</span>
          </button>
        ))}
      </nav>
      <span className={classes.headSide}>
        {today.items.length > 1 && <span className={classes.total}>{today.minutes} min in all</span>}
        <Link to={`/p/${token}/keys`}>My keys</Link>
        {quiz.data?.given && <Link to={`/p/${token}/quiz`}>Quiz</Link>}
        <button type="button" className={classes.round} aria-label="Shortcut keys and pedal" onClick={onKeys}>
          ?
        </button>
        <SchemeToggle />
      </span>
    </header>
  );
}
