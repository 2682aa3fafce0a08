import { Link } from 'react-router';
import type { DeskWork } from '../../api/types';
import { Stone } from '../../ui/Stone';
import { short } from '../../ui/words';
import { Decisions } from './Decisions';
import { Picks } from './Picks';
import { TONES, WORDS } from './verdicts';
import classes from './Works.module.css';

/** One thing a student works on: the verdict as a sentence, and what can be decided beside it. */
export function WorkLine({ work, studentId }: { work: DeskWork; studentId: number }) {
  return (
    <div className={classes.work}>
      <span className={classes.mark}>
        <svg width="46" height="30" aria-hidden="true">
          <Stone
            seed={work.title}
            width={40}
            height={24}
            tone={TONES[work.kind]}
            rings={work.rings}
            x={23}
            y={15}
          />
        </svg>
        {WORDS[work.kind]}
      </span>
      <span>
        <strong>{work.sentence}</strong>
        <span className={classes.what}>
          {work.key} · <Link to={`/students/${studentId}/steps/${work.assignmentId}`}>{work.title}</Link> ·{' '}
          {short(work.bpm)} of {short(work.target)} bpm
          {work.bestNotesPerSecond != null && ` · best ${short(work.bestNotesPerSecond)} notes a second`}
          {work.decidedBy && ` · decided last by ${work.decidedBy}`}
        </span>
        {work.advice.length > 0 && <span className={classes.advice}>Try {work.advice.join(', or ')}.</span>}
        {work.picks.length > 0 && <Picks assignmentId={work.assignmentId} moves={work.picks} />}
      </span>
      <Decisions work={work} />
    </div>
  );
}
