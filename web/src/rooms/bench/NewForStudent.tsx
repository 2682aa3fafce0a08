import type { PassageDocument } from '../../api/types';
import { useAround } from './BenchContext';
import { signs } from '../../ui/signs';
import classes from './Bench.module.css';

/** What is new in a passage for the student, which slips are likely, and which neighbours are awkward. */
export function NewForStudent({ passage }: { passage: PassageDocument }) {
  const { student } = useAround();
  const { slips, care } = passage;
  const { newNotes, awkward } = care;
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
          {awkward.slice(0, 2).map((pair, i) => (
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
    </>
  );
}
