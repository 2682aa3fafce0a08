import { useCallback, useEffect, useRef, useState } from 'react';
import type { PassageDocument } from '../api/types';
import { createLights } from './lights';

/** Playing a passage from a component: the count-in as state, the lit note as a subscription. */
export function usePlayer(onEnd?: (whole: boolean) => void) {
  const [lights] = useState(createLights);
  const [playing, setPlaying] = useState(false);
  const [count, setCount] = useState<number>();
  const [failed, setFailed] = useState(false);
  const halt = useRef<(() => void) | undefined>(undefined);
  const broken = useRef(false);
  const clock = useRef<((performanceMs: number) => number) | undefined>(undefined);
  const ended = useRef(onEnd);
  useEffect(() => {
    ended.current = onEnd;
  });

  const stop = useCallback(() => {
    broken.current = true;
    halt.current?.();
  }, []);

  const start = useCallback(
    async (passage: PassageDocument, withVoice: boolean) => {
      if (!passage.clicks || halt.current) return;
      broken.current = false;
      setFailed(false);
      setPlaying(true);
      // Held from the first moment, so that a second press while the sound loads does not start it twice.
      halt.current = () => undefined;
      try {
        const { play } = await import('./player');
        const finish = await play(passage, passage.clicks, withVoice, {
          onCount: setCount,
          onNote: (index) => lights.show(index),
          onClock: (fromFirstNote) => {
            clock.current = fromFirstNote;
          },
          onEnd: () => {
            halt.current = undefined;
            setPlaying(false);
            ended.current?.(!broken.current);
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
    [lights],
  );

  /** Milliseconds from the first note of a time of the page's clock, such as an event's; nothing before the sound is known. */
  const sinceFirstNote = useCallback((performanceMs: number) => clock.current?.(performanceMs), []);

  useEffect(() => stop, [stop]);
  return { lights, playing, count, failed, start, stop, sinceFirstNote };
}
