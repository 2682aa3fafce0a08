import { useRef } from 'react';
import { sentenceOf } from '../../api/client';
import type { Week } from '../../api/types';
import { clicksAlone } from '../../sound/bars';
import { useRun } from '../../sound/useRun';
import { useLatencyCheck } from './usePractice';
import buttons from './Buttons.module.css';
import classes from './Sheet.module.css';

interface Props {
  token: string;
  test?: Week['latencyTest'];
  latencyMs: number;
  onSet: (latencyMs: number) => void;
}

const STEP_MS = 10;
const MOST_MS = 700;

/** The delay of wireless headphones: set by hand, or found by tapping along with a steady click. */
export function LatencyFinder({ token, test, latencyMs, onSet }: Props) {
  const taps = useRef<number[]>([]);
  const check = useLatencyCheck(token);
  const player = useRun(({ laps }) => {
    if (laps > 0) check.mutate(taps.current, { onSuccess: (found) => onSet(Math.round(found.ms)) });
  });
  const tap = (at: number) => {
    const since = player.sinceFirstNote(at);
    if (since !== undefined) taps.current.push(since);
  };
  const start = () => {
    if (!test) return;
    taps.current = [];
    check.reset();
    const plan = clicksAlone(test.clicksMs, test.endMs);
    void player.start({ laps: [{ plan, voice: false }], drone: [], latencyMs: 0 });
  };
  const set = (ms: number) => onSet(Math.min(MOST_MS, Math.max(0, ms)));
  return (
    <div role="group" aria-label="Delay of the headphones" className={classes.latency}>
      <div className={classes.sheetLine}>
        <span>Headphones</span>
        <span className={`${buttons.pills} ${classes.choices}`}>
          <button type="button" aria-label="Less delay" onClick={() => set(latencyMs - STEP_MS)}>
            −
          </button>
          <output>{latencyMs} ms late</output>
          <button type="button" aria-label="More delay" onClick={() => set(latencyMs + STEP_MS)}>
            +
          </button>
          {player.playing ? (
            <button type="button" onClick={player.stop}>
              Stop
            </button>
          ) : (
            <button type="button" onClick={start} disabled={!test}>
              Find it by tapping
            </button>
          )}
        </span>
      </div>
      {player.playing && (
        <button type="button" className={classes.pad} onPointerDown={(event) => tap(event.timeStamp)}>
          Tap with every click you hear
        </button>
      )}
      <p aria-live="polite">
        {check.isSuccess && check.data.sentence}
        {check.isError && sentenceOf(check.error)}
        {!check.isSuccess &&
          !check.isError &&
          'Wireless headphones sound late. What you see and tap waits for them.'}
      </p>
    </div>
  );
}
