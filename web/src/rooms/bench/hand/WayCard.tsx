import type { FingerWay, Neck } from '../../../api/types';
import { HandPicture } from '../../../ui/hand/HandPicture';
import classes from './HandPanel.module.css';

interface Props {
  way: FingerWay;
  neck?: Neck;
  /** The key that is read, as it is called. */
  written: string;
  onFix: () => void;
  onAlways: () => void;
  onLoosen: () => void;
  /** Takes the way for the usual one of the studio, or takes that back. */
  onUsual: (usual: boolean) => void;
  mirrored: boolean;
}

/** One way to play a note: its picture, what the line costs more by it, and why. */
export function WayCard({ way, neck, written, onFix, onAlways, onLoosen, onUsual, mirrored }: Props) {
  return (
    <li className={classes.way} data-chosen={way.chosen || undefined}>
      <HandPicture look={way.look} neck={neck} mirrored={mirrored} />
      <strong className={classes.words}>{way.look.closed ? way.text || 'usual' : way.look.words}</strong>
      <span className={classes.cost}>
        {way.pinned
          ? 'fixed'
          : way.chosen
            ? 'taken'
            : way.more > 0
              ? `${way.more.toFixed(2)} moves more`
              : 'as easy'}
      </span>
      {way.look.closed?.purpose && <small>{way.look.closed.purpose}</small>}
      {way.said.length > 0 && <small>{way.said.join(', ')}</small>}
      <span className={classes.acts}>
        {way.pinned ? (
          <button type="button" onClick={onLoosen}>
            let it go
          </button>
        ) : (
          <>
            <button type="button" onClick={onFix} aria-label={`Fix ${way.look.words} for this note`}>
              fix here
            </button>
            <button
              type="button"
              onClick={onAlways}
              aria-label={`Fix ${way.look.words} for this pitch, always in ${written}`}
            >
              always in {written}
            </button>
          </>
        )}
        <button
          type="button"
          onClick={() => onUsual(!way.ours)}
          aria-label={
            way.ours
              ? `${way.look.words} is no longer your studio’s usual way`
              : `Take ${way.look.words} for your studio’s usual way of this note`
          }
        >
          {way.ours ? 'our usual: take back' : 'our usual way'}
        </button>
      </span>
    </li>
  );
}
