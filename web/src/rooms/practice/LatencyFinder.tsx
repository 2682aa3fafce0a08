import { useContext, useRef, useState } from 'react';
import { sentenceOf } from '../../api/client';
import type { Latency } from '../../api/types';
import { tried, type Outcome } from '../../core/answers';
import { clicksAlone } from '../../sound/bars';
import { onceThrough } from '../../sound/lapClock';
import { useRun } from '../../sound/useRun';
import { KeptContext } from './useRoom';
import buttons from './Buttons.module.css';
import classes from './Sheet.module.css';

interface Props {
  latencyMs: number;
  onSet: (latencyMs: number) => void;
}

const STEP_MS = 10;
const MOST_MS = 700;

/** The delay of wireless headphones: set by hand, or found by tapping along with a steady click. */
export function LatencyFinder({ latencyMs, onSet }: Props) {
  const taps = useRef<number[]>([]);
  const test = useContext(KeptContext)?.room.latencyTest;
  const [found, setFound] = useState<Outcome<Latency>>();
  const player = useRun(({ laps }) => {
    if (laps === 0) return;
    const told = tried('latency', { taps: taps.current });
    setFound(told);
    if (told.answer) onSet(Math.round(told.answer.ms));
  });
  const tap = (at: number) => {
    const since = player.sinceFirstNote(at);
    if (since !== undefined) taps.current.push(since);
  };
  const start = () => {
    if (!test) return;
    taps.current = [];
    setFound(undefined);
    const plan = clicksAlone(test.clicksMs, test.endMs);
    void player.start({ laps: [onceThrough(plan, false)], drone: [], mix: {}, latencyMs: 0 });
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
        {found?.answer?.sentence}
        {found?.refused && sentenceOf(found.refused)}
        {!found && 'Wireless headphones sound late. What you see and tap waits for them.'}
      </p>
    </div>
  );
}
