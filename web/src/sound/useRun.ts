import { useCallback, useEffect, useRef, useState } from 'react';
import { createLights } from './lights';
import type { RunWish } from './run';

/** How a run ended: laps that were played to their end, out of how many, and for how long it sounded. */
export interface RunEnd {
  laps: number;
  of: number;
  seconds: number;
}

const AFTER_FIRST_VIEW_MS = 1_500;

/** Playing laps from a component: the count-in and the lap as state, the lit note and the foot as subscriptions. */
export function useRun(onEnd: (end: RunEnd) => void) {
  const [lights] = useState(createLights);
  const [foot] = useState(createLights);
  const [playing, setPlaying] = useState(false);
  const [count, setCount] = useState<number>();
  const [lap, setLap] = useState(0);
  const [failed, setFailed] = useState(false);
  const halt = useRef<(() => void) | undefined>(undefined);
  const broken = useRef(false);
  const gone = useRef(false);
  const clock = useRef<((performanceMs: number) => number) | undefined>(undefined);
  const ended = useRef(onEnd);
  useEffect(() => {
    ended.current = onEnd;
  });

  useEffect(() => {
    // Loaded behind the first view: the first press sounds at once, and a newer version on the studio does no harm.
    const timer = window.setTimeout(() => void import('./run').catch(() => undefined), AFTER_FIRST_VIEW_MS);
    return () => window.clearTimeout(timer);
  }, []);

  const stop = useCallback(() => {
    broken.current = true;
    halt.current?.();
  }, []);

  const start = useCallback(
    async (wish: RunWish) => {
      // Whoever has left meanwhile wants to hear nothing more.
      if (wish.laps.length === 0 || halt.current || gone.current) return;
      broken.current = false;
      setFailed(false);
      setPlaying(true);
      setLap(0);
      // Held from the first moment, so that a second press while the sound loads does not start it twice.
      halt.current = () => undefined;
      let taps = 0;
      try {
        const { run } = await import('./run');
        const finish = await run(wish, {
          onCount: setCount,
          onNote: lights.show,
          onLap: setLap,
          onFoot: () => foot.show(++taps),
          onClock: (fromFirstNote) => {
            clock.current = fromFirstNote;
          },
          onEnd: (laps, seconds) => {
            halt.current = undefined;
            foot.show(undefined);
            setPlaying(false);
            ended.current({ laps, of: wish.laps.length, seconds });
          },
        });
        halt.current = finish;
        if (broken.current) finish();
      } catch {
        halt.current = undefined;
        setPlaying(false);
        setFailed(true);
      }
    },
    [lights, foot],
  );

  /** Milliseconds from the first note of a time of the page's clock, such as an event's; nothing before the sound is known. */
  const sinceFirstNote = useCallback((performanceMs: number) => clock.current?.(performanceMs), []);

  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
      stop();
    };
  }, [stop]);
  return { lights, foot, playing, count, lap, failed, start, stop, sinceFirstNote };
}
