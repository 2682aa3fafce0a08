import type { Pedals } from '../../api/types';
import { PedalPicture } from './PedalPicture';
import classes from './hand.module.css';

/** The pedals of a harp for what is played, as a picture and as they are written down; and what moves on the way. */
export function PedalsOfKey({ pedals }: { pedals: Pedals }) {
  return (
    <div className={classes.pedals}>
      <PedalPicture pedals={pedals} />
      <p>
        <strong>{pedals.words}</strong> {pedals.onTheWay} {pedals.beyond}
      </p>
    </div>
  );
}
