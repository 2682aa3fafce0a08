import type { PassageDocument } from '../../api/types';
import { useAround } from './BenchContext';
import { signs } from '../../ui/signs';
import classes from './Bench.module.css';

const MOST_FRESH = 2;
const MOST_PAIRS = 2;

/** What is new in a passage for the student, which slips are likely, and which neighbours are awkward. */
export function NewForStudent({ passage }: { passage: PassageDocument }) {
  const { student } = useAround();
  const { slips, care } = passage;
  const { newNotes, awkward } = care;
  const fresh = passage.hand?.fresh ?? [];
  const hard = passage.hand?.hardest[0];
  const ends = hard && [passage.notes[hard.from]!.pitch, passage.notes[hard.to]!.pitch];
  // What is to be alternated alone says the same of it already.
  const said = awkward
    .slice(0, MOST_PAIRS)
    .some((pair) => ends?.includes(pair.lower) && ends.includes(pair.upper));
  return (
    <>
      {student && newNotes.length > 0 && (
        <p className={classes.slips}>
          New for {student.name.split(' ')[0]}:{' '}
          {newNotes.map((fresh, i) => (
            <span key={fresh.note}>
              {i > 0 && ' · '}
              <strong>{signs(fresh.note)}</strong>
              {fresh.was != null && `, where ${signs(fresh.was)} was`}
            </span>
          ))}
        </p>
      )}
      {student && fresh.length > 0 && (
        <p className={classes.slips}>
          New for the hand:{' '}
          {fresh
            .slice(0, MOST_FRESH)
            .map((one) => one.words)
            .join(' · ')}
          {fresh.length > MOST_FRESH && ` · and ${fresh.length - MOST_FRESH} more`}
        </p>
      )}
      {slips.length > 0 && (
        <p className={classes.slips}>
          Watch:{' '}
          {slips.map((slip, i) => (
            <span key={`${slip.play}${slip.not}${slip.when ?? ''}`}>
              {i > 0 && ' · '}
              {slip.when && `going ${slip.when} `}
              play <strong>{signs(slip.play)}</strong>, not {signs(slip.not)}
            </span>
          ))}
        </p>
      )}
      {awkward.length > 0 && (
        <p className={classes.slips}>
          Alternate alone first:{' '}
          {awkward.slice(0, MOST_PAIRS).map((pair, i) => (
            <span key={`${pair.lower}${pair.upper}${pair.why}`}>
              {i > 0 && ' · '}
              <strong>
                {signs(pair.lower)}–{signs(pair.upper)}
              </strong>
              , {pair.why}
            </span>
          ))}
        </p>
      )}
      {hard && ends && !said && (
        <p className={classes.slips}>
          Hardest for the hand:{' '}
          <strong>
            {signs(ends[0]!)}–{signs(ends[1]!)}
          </strong>
          , {hard.words}
        </p>
      )}
    </>
  );
}
