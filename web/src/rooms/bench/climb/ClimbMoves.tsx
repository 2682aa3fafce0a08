import type { ClimbAnswer } from '../../../api/types';
import { useDraft } from '../BenchContext';
import classes from './Climb.module.css';

/** What comes after the rung that is pressed, and what each move changes. */
export function ClimbMoves({ answer }: { answer: ClimbAnswer }) {
  const { dispatch } = useDraft();
  return (
    <section className={classes.moves} aria-label="Next from here">
      <h2>Next from here</h2>
      {answer.moves.length === 0 && <p>This is the last rung.</p>}
      {answer.moves.length > 1 && <p>The teacher picks:</p>}
      {answer.moves.map((move) => (
        <button
          key={move.words}
          type="button"
          className={classes.move}
          onClick={() => dispatch({ type: 'start', at: move.to })}
        >
          <strong>{move.words}</strong>
          <span>{move.sentence}</span>
        </button>
      ))}
    </section>
  );
}
