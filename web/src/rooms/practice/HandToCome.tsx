import { useContext, useEffect, useState } from 'react';
import type { PassageDocument } from '../../api/types';
import type { Lights } from '../../sound/lights';
import { FingerPattern } from '../../ui/hand/FingerPattern';
import { HandPicture } from '../../ui/hand/HandPicture';
import { WholeNeck, type Stopped } from '../../ui/hand/WholeNeck';
import { signs } from '../../ui/signs';
import { KeptContext } from './useRoom';
import classes from './HandToCome.module.css';

const MOST_FRESH = 3;
const ROOT = '1';

interface Props {
  passage: PassageDocument;
  lights: Lights;
  playing: boolean;
}

/** Where a line stops the strings, each place once. */
function stoppedOf(passage: PassageDocument): Stopped[] {
  const places = new Map<string, Stopped>();
  passage.hand?.notes.forEach(({ look, note }) => {
    if (!look.fret) return;
    const root = passage.notes[note]?.degree === ROOT;
    places.set(`${look.fret.string} ${look.fret.fret}`, { fret: look.fret, root });
  });
  return [...places.values()];
}

/** The hand on the note to come, large; before the start what the key asks of it. It stands in one place while it changes. */
export function HandToCome({ passage, lights, playing }: Props) {
  const [sounding, setSounding] = useState<number>();
  const mirrored = useContext(KeptContext)?.room.player.hand?.leftHanded ?? false;
  useEffect(
    () =>
      lights.subscribe((index, voice) => {
        if (voice === undefined) setSounding(index);
      }),
    [lights],
  );
  const { hand } = passage;
  if (!hand) return null;
  const at = playing && sounding !== undefined ? Math.min(sounding + 1, hand.notes.length - 1) : 0;
  const note = hand.notes[at]!;
  const { neck } = hand;
  const [slowly] = passage.care.awkward;
  const stopped = stoppedOf(passage);
  return (
    <section
      className={classes.hand}
      aria-label="Your hand"
      // On a small screen the whole neck takes the place of the first note until it begins.
      data-neck={neck && stopped.length > 0 ? (playing ? 'note' : 'whole') : undefined}
    >
      <figure className={classes.next}>
        <HandPicture look={note.look} neck={hand.neck} mirrored={mirrored} large />
        <figcaption>
          <strong>{signs(passage.notes[at]!.pitch)}</strong>
          <span>{at === 0 && !playing ? 'first' : 'next'}</span>
        </figcaption>
      </figure>
      {!playing && (
        <div className={classes.key} tabIndex={0} role="region" aria-label="What the key asks of your hand">
          {neck && stopped.length > 0 && <WholeNeck stopped={stopped} neck={neck} mirrored={mirrored} />}
          {hand.pattern?.map((one) => (
            <FingerPattern key={`${one.string}${one.position}`} pattern={one} />
          ))}
          {hand.fresh?.slice(0, MOST_FRESH).map((one) => (
            <p key={one.words}>
              <strong>New:</strong> {one.words}
            </p>
          ))}
          {slowly && (
            <p>
              <strong>
                Slowly first: {signs(slowly.lower)}–{signs(slowly.upper)}
              </strong>
              , {slowly.why}
            </p>
          )}
        </div>
      )}
    </section>
  );
}
