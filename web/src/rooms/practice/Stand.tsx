import { useMediaQuery } from '@mantine/hooks';
import breakpoints from '../../../breakpoints.json';
import type { PassageDocument } from '../../api/types';
import { useCore } from '../../core/useCore';
import { Engraving } from '../../notation/Engraving';
import { PulseRibbon } from '../../ui/PulseRibbon';
import { rowHeight } from '../../ui/PulseRow';
import { NoCore } from '../../ui/WithCore';
import { Wrong } from '../../ui/Wrong';
import { StationPath } from '../../parts/stations/StationPath';
import { FootCue } from './FootCue';
import { HandToCome } from './HandToCome';
import { PedalsToCome } from './PedalsToCome';
import type { Fingers } from '../../notation/fingers';
import type { Touch } from '../../notation/touch';
import { SlipsHint } from './SlipsHint';
import type { ItemRun } from './useItemRun';
import classes from './Music.module.css';

interface Props {
  /** What is on the stand; nothing until it is there. */
  shown?: PassageDocument;
  /** Whether it is a partner's part, played by a friend. */
  friend: boolean;
  /** Why there is nothing to put on it. */
  refused?: Error;
  run: ItemRun;
  foot: boolean;
  /** At which notes fingers stand. */
  fingers: Fingers;
  /** Whether the hand on the note to come stands in place of the pulse. */
  picture: boolean;
  onPicture: (shown: boolean) => void;
  /** Notes that slipped, while they are pointed out, or the one that was tapped worst. */
  marked?: Touch[];
  onTouch?: (touch: Touch) => void;
}

/** A laptop on a stand is read from further away than a phone in the hand. */
const LARGEST_WIDE = 2;
const LARGEST = 1.35;
/** What stands under the notes, by where fingers do. */
const WORDS = {
  always: { counts: false, degrees: false, hand: 'always' },
  new: { counts: false, degrees: false, hand: 'new' },
  never: undefined,
} as const;

/** The music stand: likely slips, notes that light with the sound, the pulse with its landing, and the count-in. */
export function Stand({
  shown,
  friend,
  refused,
  run,
  foot,
  fingers,
  picture,
  onPicture,
  marked,
  onTouch,
}: Props) {
  const { player, laps, lap } = run;
  const core = useCore();
  const wide = useMediaQuery(`not (max-width: ${breakpoints.phone})`, undefined, {
    getInitialValueInEffect: false,
  });
  return (
    <section className={classes.music} aria-label="Notes and pulse">
      {core === 'failed' && <NoCore />}
      {refused && !shown && <Wrong error={refused} />}
      {shown && (
        <>
          <div className={classes.over}>
            {friend && <strong>Your friend’s part</strong>}
            {/* Each key of a walk has slips of its own; those of the first would mislead in the next. */}
            {shown.stations ? (
              <StationPath passage={shown} lights={player.lights} />
            ) : (
              <SlipsHint slips={shown.slips} />
            )}
            {player.playing && laps.length > 1 && (
              <span className={classes.lap} aria-live="polite">
                {lap?.student === false ? 'Listen' : 'Play'} · {player.lap + 1} of {laps.length}
              </span>
            )}
            {(shown.hand || shown.pedals) && (
              <button
                type="button"
                className={classes.handSwitch}
                aria-pressed={picture}
                onClick={() => onPicture(!picture)}
              >
                {picture ? 'pulse' : shown.hand ? 'hand' : 'pedals'}
              </button>
            )}
            {foot && <FootCue foot={player.foot} />}
          </div>
          <div className={classes.paper} tabIndex={0} role="region" aria-label="Engraved notes">
            <Engraving
              passage={shown}
              lights={player.lights}
              words={WORDS[fingers]}
              largest={wide ? LARGEST_WIDE : LARGEST}
              marked={marked}
              onTouch={onTouch}
            />
          </div>
          {picture && shown.hand && (
            <HandToCome passage={shown} lights={player.lights} playing={player.playing} />
          )}
          {picture && shown.pedals && (
            <PedalsToCome pedals={shown.pedals} lights={player.lights} playing={player.playing} />
          )}
          {!(picture && (shown.hand || shown.pedals)) && shown.pulse && (
            <div
              className={classes.pulse}
              // A walk is long: one row of it is seen at a time, so that the notes keep their room.
              style={shown.stations ? { maxHeight: rowHeight(shown.pulse) } : undefined}
              tabIndex={0}
              role="region"
              aria-label="Pulse"
            >
              <PulseRibbon passage={shown} pulse={shown.pulse} lights={player.lights} dense />
            </div>
          )}
        </>
      )}
      {player.playing && player.count !== undefined && (
        <div className={classes.count} data-count={player.count} aria-hidden="true">
          {player.count}
        </div>
      )}
    </section>
  );
}
