import { Link } from 'react-router';
import type { Today } from '../../api/types';
import { SchemeToggle } from '../../ui/SchemeToggle';
import { Stone } from '../../ui/Stone';
import { notes } from '../../ui/words';
import classes from './Practice.module.css';

interface Props {
  today: Today;
  token: string;
  at: number;
  onGo: (to: number) => void;
}

/** Whose room it is, and the stones of today's list. */
export function PracticeHead({ today, token, at, onGo }: Props) {
  return (
    <header className={classes.head}>
      <span className={classes.whose}>
        <strong>{today.student.split(' ')[0]}</strong>
        <span>{today.instrument}</span>
      </span>
      <nav className={classes.dots} aria-label="Today">
        {today.items.map((item, i) => (
          <button
            key={item.assignmentId}
            type="button"
            aria-current={i === at ? 'step' : undefined}
            aria-label={`${i + 1} of ${today.items.length}: ${notes(item.title)}`}
            onClick={() => onGo(i)}
          >
            <svg width="34" height="24" aria-hidden="true">
              <Stone
                seed={item.title}
                width={i === at ? 32 : 24}
                height={i === at ? 21 : 15}
                tone={i === at ? 'river' : item.takesToday > 0 ? 'moss' : 'sand'}
                x={17}
                y={12}
              />
            </svg>
          </button>
        ))}
      </nav>
      <span className={classes.headSide}>
        <Link to={`/p/${token}/keys`}>My keys</Link>
        <SchemeToggle />
      </span>
    </header>
  );
}
