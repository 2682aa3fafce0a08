import { Link } from 'react-router';
import type { LessonCard } from '../../api/types';
import classes from './Lesson.module.css';

type Move = LessonCard['practised']['moved'][number];

const SIGNS: Record<Move['move'], string> = { up: '↑', down: '↓', same: '–', new: '+' };
const WORDS: Record<Move['move'], string> = { up: 'up', down: 'down', same: 'unchanged', new: 'new' };

function said(moved: Move): string {
  if (moved.move === 'same') return `still ${moved.to}`;
  if (moved.move === 'new') return `new, ${moved.to}`;
  return `${moved.from} → ${moved.to}`;
}

/** What moved since the last lesson, and what slipped. */
export function Moved({ card }: { card: LessonCard }) {
  return (
    <div className={classes.moved}>
      <ul aria-label="What moved">
        {card.practised.moved.map((moved) => (
          <li key={moved.assignmentId}>
            <span className={classes.sign} data-move={moved.move} aria-label={WORDS[moved.move]}>
              {SIGNS[moved.move]}
            </span>
            <span>
              <Link to={`/students/${card.student.id}/steps/${moved.assignmentId}`}>{moved.title}</Link>:{' '}
              {said(moved)}
              <span className={classes.soft}>
                {' '}
                · {moved.takes === 0 ? 'no take' : `${moved.clean} of ${moved.takes} clean`}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {card.practised.slips.length > 0 && (
        <ul aria-label="What slipped">
          {card.practised.slips.map((slip) => (
            <li key={slip.key}>
              <span className={classes.sign} data-move="down" aria-hidden="true">
                ~
              </span>
              <span>
                {slip.key}: <span className={classes.soft}>{slip.sentences.slice(0, 2).join(' · ')}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
