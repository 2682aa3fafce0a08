import type { HandDocument, PassageDocument } from '../../../api/types';
import { HandPicture } from '../../../ui/hand/HandPicture';
import { signs } from '../../../ui/signs';
import classes from './HandPanel.module.css';

interface Props {
  hand: HandDocument;
  notes: PassageDocument['notes'];
  note: number;
  onNote: (note: number) => void;
  mirrored: boolean;
}

/** How the hand gets from a note to the next one, and where in the line that is hardest. */
export function IntoNext({ hand, notes, note, onNote, mirrored }: Props) {
  const next = hand.notes[note + 1];
  const move = hand.notes[note]?.move;
  const hard = hand.hardest[0];
  return (
    <>
      {next && (
        <div className={classes.into}>
          <p>
            <strong>Into {signs(notes[note + 1]!.pitch)}</strong>{' '}
            {move ? `${move.parts.join(', ')} (${move.cost.toFixed(2)} moves)` : 'costs nothing'}
          </p>
          <HandPicture look={next.look} neck={hand.neck} next={hand.notes[note]?.look} mirrored={mirrored} />
        </div>
      )}
      {hard && (
        <p className={classes.hardest}>
          Hardest of the line:{' '}
          <button type="button" onClick={() => onNote(hard.from)}>
            {signs(notes[hard.from]!.pitch)}–{signs(notes[hard.to]!.pitch)}
          </button>
          , {hard.words}
        </p>
      )}
    </>
  );
}
