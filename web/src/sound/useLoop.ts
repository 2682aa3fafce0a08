import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PassageDocument } from '../api/types';
import { createLights } from './lights';
import type { Loop } from './loop';
import type { Levels } from './mix';

const AS_USUAL: Levels = {};

/** Playing a passage round and round from a component; what changes meanwhile is heard from the next bar on. */
export function useLoop(mix: Levels = AS_USUAL) {
  const [lights] = useState(createLights);
  const [playing, setPlaying] = useState(false);
  const [count, setCount] = useState<number>();
  const [failed, setFailed] = useState(false);
  const running = useRef<Loop | 'starting' | undefined>(undefined);
  const stopped = useRef(false);
  const levels = useRef(mix);
  useEffect(() => {
    levels.current = mix;
    if (running.current && running.current !== 'starting') running.current.mix(mix);
  }, [mix]);

  const stop = useCallback(() => {
    stopped.current = true;
    if (running.current !== 'starting') running.current?.stop();
  }, []);

  const start = useCallback(
    async (passage: PassageDocument) => {
      if (!passage.clicks || running.current) return;
      stopped.current = false;
      setFailed(false);
      setPlaying(true);
      // Held from the first moment, so that a second press while the sound loads does not start it twice.
      running.current = 'starting';
      try {
        const { loop } = await import('./loop');
        running.current = await loop(passage, levels.current, {
          onCount: setCount,
          onNote: lights.show,
          onEnd: () => {
            running.current = undefined;
            setPlaying(false);
          },
        });
        if (stopped.current) running.current.stop();
      } catch {
        running.current = undefined;
        setPlaying(false);
        setFailed(true);
      }
    },
    [lights],
  );

  const change = useCallback((passage: PassageDocument) => {
    if (running.current && running.current !== 'starting' && passage.clicks) running.current.change(passage);
  }, []);

  useEffect(() => stop, [stop]);
  // The same for as long as nothing of it changes.
  return useMemo(
    () => ({ lights, playing, count, failed, start, change, stop }),
    [lights, playing, count, failed, start, change, stop],
  );
}
