import type { Readings } from '../../api/types';
import { signs } from '../../ui/signs';
import classes from './Bench.module.css';

interface Props {
  notes: NonNullable<Readings['readings'][number]['fingering']>;
  hardest?: string;
}

/** How the first notes are played, each under its name; and the hardest move of all. */
export function ReadFingers({ notes, hardest }: Props) {
  const said = notes.some((note) => note.text !== '');
  return (
    <>
      {said && (
        <ol className={classes.fingers} aria-label="Fingering of the first notes">
          {notes.map((note, i) => (
            <li key={i}>
              <small>{signs(note.pitch)}</small>
              {note.text || '·'}
            </li>
          ))}
        </ol>
      )}
      <span>{hardest ? `Hardest: ${hardest}.` : 'Nothing is hard for the hand.'}</span>
    </>
  );
}
