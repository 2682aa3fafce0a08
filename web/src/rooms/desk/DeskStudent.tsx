import { Button } from '@mantine/core';
import { Link } from 'react-router';
import type { DeskLine } from '../../api/types';
import { Stone, type StoneTone } from '../../ui/Stone';
import { ago, notes, short } from '../../ui/words';
import { Decisions } from './Decisions';
import { Picks } from './Picks';
import classes from './Desk.module.css';

type Work = DeskLine['works'][number];

const TONES: Record<string, StoneTone> = {
  new: 'hollow',
  hold: 'river',
  ready: 'moss',
  reached: 'moss',
  waits: 'moss',
  misses: 'clay',
  back: 'clay',
  pick: 'moss',
  stuck: 'clay',
  slipping: 'clay',
  quiet: 'sand',
  behind: 'clay',
  on_course: 'river',
};

/** The word beside the stone, so that nothing is said by colour alone. */
export const WORDS: Record<string, string> = {
  new: 'new',
  hold: 'in work',
  ready: 'ready',
  reached: 'learned',
  stuck: 'stuck',
  slipping: 'slipping',
  quiet: 'quiet',
  behind: 'behind',
  on_course: 'on course',
  waits: 'enough today',
  misses: 'slips',
  back: 'one back',
  pick: 'you pick',
};

function lastSaid(line: DeskLine): string {
  if (!line.last) return 'no take yet';
  const how = { clean: 'clean', slips: 'with slips', stopped: 'stopped' }[line.last.outcome];
  return `${ago(line.last.daysAgo)}: ${short(line.last.bpm)} bpm, ${how}`;
}

/** One student: who, when they last practised, and each piece of work as a sentence. */
export function DeskStudent({ line }: { line: DeskLine }) {
  return (
    <article className={classes.student} aria-label={line.name}>
      <div className={classes.who}>
        <h2>
          <Link to={`/students/${line.studentId}`}>{line.name}</Link>
        </h2>
        <p>
          {line.lesson && <strong className={classes.lesson}>{line.lesson.slice(0, 5)} today · </strong>}
          {line.instrument}
        </p>
        <p className={classes.last}>Last take {lastSaid(line)}</p>
        {line.word && <p className={classes.said}>“{line.word.text}”</p>}
      </div>
      <div className={classes.works}>
        {line.works.length === 0 && (
          <p className={classes.nothing}>Nothing assigned today. Build a step at the bench and give it.</p>
        )}
        {line.works.map((work) => (
          <WorkLine key={work.assignmentId} work={work} studentId={line.studentId} />
        ))}
      </div>
      <div className={classes.decide}>
        <Button
          size="compact-md"
          variant="default"
          component={Link}
          to={`/students/${line.studentId}`}
          aria-label={`Key path of ${line.name}`}
        >
          Key path
        </Button>
        <Button
          size="compact-md"
          variant="default"
          component={Link}
          to={`/bench?for=${line.studentId}`}
          aria-label={`Plan a step for ${line.name}`}
        >
          Plan a step
        </Button>
      </div>
    </article>
  );
}

function WorkLine({ work, studentId }: { work: Work; studentId: number }) {
  return (
    <div className={classes.work}>
      <span className={classes.mark}>
        <svg width="46" height="30" aria-hidden="true">
          <Stone
            seed={work.title}
            width={40}
            height={24}
            tone={TONES[work.kind] ?? 'slate'}
            rings={work.rings}
            x={23}
            y={15}
          />
        </svg>
        {WORDS[work.kind] ?? work.kind}
      </span>
      <span>
        <strong>{notes(work.sentence)}</strong>
        <span className={classes.what}>
          {notes(work.key)} ·{' '}
          <Link to={`/students/${studentId}/steps/${work.assignmentId}`}>{notes(work.title)}</Link> ·{' '}
          {short(work.bpm)} of {short(work.target)} bpm
          {work.bestNotesPerSecond != null && ` · best ${short(work.bestNotesPerSecond)} notes a second`}
        </span>
        {work.advice.length > 0 && (
          <span className={classes.advice}>Try {notes(work.advice.join(', or '))}.</span>
        )}
        {work.picks.length > 0 && <Picks assignmentId={work.assignmentId} moves={work.picks} />}
      </span>
      <Decisions work={work} />
    </div>
  );
}
