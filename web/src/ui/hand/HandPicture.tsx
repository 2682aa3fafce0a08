import type { Look, Neck } from '../../api/types';
import { FretPicture } from './FretPicture';
import { HolesPicture } from './HolesPicture';
import { KeysPicture } from './KeysPicture';
import { MalletPicture } from './MalletPicture';
import { SlidePicture } from './SlidePicture';
import { StringPicture } from './StringPicture';
import { ValvesPicture } from './ValvesPicture';
import classes from './hand.module.css';

interface Props {
  look: Look;
  neck?: Neck;
  /** The note after: what moves into it is marked. */
  next?: Look;
  /** For a player whose instrument is strung the other way round. */
  mirrored?: boolean;
  /** Fills what it stands in, instead of the size of a stone in a list. */
  large?: boolean;
}

/** A hand on a note, drawn from its data; the words say the same to whoever does not see it. */
export function HandPicture({ look, neck, next, mirrored = false, large = false }: Props) {
  return (
    <span className={classes.picture} data-large={large || undefined} role="img" aria-label={look.words}>
      {look.valves ? (
        <ValvesPicture look={look.valves} next={next?.valves} />
      ) : look.slide ? (
        <SlidePicture look={look.slide} next={next?.slide} />
      ) : look.bowed && neck ? (
        <StringPicture look={look.bowed} neck={neck} />
      ) : look.fret && neck ? (
        <FretPicture look={look.fret} neck={neck} mirrored={mirrored} />
      ) : look.key ? (
        <KeysPicture look={look.key} />
      ) : look.closed ? (
        <HolesPicture look={look.closed} next={next?.closed} />
      ) : look.mallet ? (
        <MalletPicture right={look.mallet.right} />
      ) : (
        <span className={classes.none}>{look.words}</span>
      )}
    </span>
  );
}
