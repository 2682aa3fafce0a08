import { Link } from 'react-router';
import type { PassageDocument } from '../../api/types';
import classes from './Sheet.module.css';

interface Props {
  passage?: PassageDocument;
  /** The partner's part that is on the stand; nothing where it is the student's own. */
  part?: number;
}

/** The partner's part, one link away: a friend opens it on a second device, and both are counted in alike. */
export function FriendLine({ passage, part }: Props) {
  if (part !== undefined) {
    return (
      <div className={classes.friend}>
        <span>This is the friend’s part.</span>
        <Link to="?">Back to my own</Link>
      </div>
    );
  }
  const partner = passage?.voices?.findIndex((voice) => voice.by === 'partner') ?? -1;
  if (partner < 0) return null;
  return (
    <div className={classes.friend}>
      <span>With a friend: each presses Start at the same moment.</span>
      <Link to={`?part=${partner}`}>The friend’s part, for a second device</Link>
    </div>
  );
}
