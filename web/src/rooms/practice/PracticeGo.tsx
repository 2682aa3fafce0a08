import type { MadeUpPlayer, TodayItem } from '../../api/types';
import type { SoundWish } from './useSound';
import buttons from './Buttons.module.css';
import classes from './Go.module.css';

interface Props {
  item: TodayItem;
  next?: TodayItem;
  wish: SoundWish;
  playing: boolean;
  canStart: boolean;
  again: boolean;
  tapping: boolean;
  onTap: (at: number) => void;
  onToggle: () => void;
  onNext: () => void;
  onSheet: () => void;
  /** Lets a made-up player tap, where there are any. */
  onSimulate?: (player: MadeUpPlayer) => void;
}

const PLAYERS: MadeUpPlayer[] = ['steady', 'late', 'unsteady', 'slowing', 'elsewhere'];

function inWords(wish: SoundWish, tapping: boolean): string {
  if (tapping) return 'tap it once';
  const times = wish.times === 1 ? 'once' : `${wish.times} times`;
  const rises = wish.times > 1 && wish.every > 0 ? ', rising' : '';
  const voice = { without: '', with: ', with a voice', 'every-second': ', call and answer' }[wish.voice];
  return times + rises + voice;
}

/** The large button and what stands beside it: how it sounds, how often it was done, and what comes next. */
export function PracticeGo(props: Props) {
  const { item, next, wish, playing, canStart, again, tapping } = props;
  const done = Math.min(item.day.takes, item.toPlay.repetitions);
  const enough = item.day.takes >= item.toPlay.repetitions;
  return (
    <div className={classes.go}>
      {playing && tapping ? (
        <button
          type="button"
          className={classes.start}
          onPointerDown={(event) => props.onTap(event.timeStamp)}
        >
          Tap
          <kbd aria-hidden="true">T</kbd>
        </button>
      ) : (
        <button
          type="button"
          className={classes.start}
          onClick={props.onToggle}
          disabled={!canStart}
          data-waiting={!canStart}
        >
          {playing ? 'Stop' : again ? 'Again' : 'Start'}
          <kbd aria-hidden="true">space</kbd>
        </button>
      )}
      {playing && tapping && (
        <button type="button" className={`${buttons.soft} ${classes.next}`} onClick={props.onToggle}>
          Stop
        </button>
      )}
      {!playing && (
        <span className={classes.side}>
          <button type="button" className={`${buttons.soft} ${classes.sound}`} onClick={props.onSheet}>
            <strong>Sound</strong> {inWords(wish, tapping)}
          </button>
          <span className={classes.times}>
            {done} of {item.toPlay.repetitions} today
          </span>
          {props.onSimulate && (
            <select
              className={classes.simulate}
              aria-label="Let a made-up player tap"
              value=""
              onChange={(event) => {
                const player = PLAYERS.find((one) => one === event.currentTarget.value);
                if (player) props.onSimulate!(player);
              }}
            >
              <option value="" disabled>
                made-up player …
              </option>
              {PLAYERS.map((player) => (
                <option key={player}>{player}</option>
              ))}
            </select>
          )}
        </span>
      )}
      {!playing && (
        <button
          type="button"
          className={`${buttons.soft} ${classes.next}`}
          data-due={enough}
          aria-label={next ? `Next: ${next.head.title}` : 'Finish for today'}
          onClick={props.onNext}
        >
          {next ? 'Next' : 'Finish'}
          <span className={classes.nextTitle}>{next ? `: ${next.head.title}` : ' for today'}</span>
        </button>
      )}
    </div>
  );
}
