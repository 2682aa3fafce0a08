import { useLocalStorage } from '@mantine/hooks';
import type { Drone, LapsVoice } from '../../api/types';
import type { Levels } from '../../sound/mix';

/** How a student wants to hear it; kept in this browser. What is absent is as the step asks. */
export interface SoundWish {
  times: number;
  voice: LapsVoice;
  /** After how many repetitions the next rung comes; 0 where it stays. */
  every: number;
  drone?: 'off' | Drone;
  foot?: boolean;
  /** Whether the fingers stand under the notes. */
  fingers?: boolean;
  /** How loud each part is wanted, by its name. */
  levels?: Levels;
  /** By how much sounds are heard later than the browser knows, as in wireless headphones. */
  latencyMs: number;
}

const VOICES: LapsVoice[] = ['without', 'with', 'every-second'];
const USUAL: SoundWish = { times: 1, voice: 'without', every: 0, latencyMs: 0 };

export function useSound() {
  const [wish, setWish] = useLocalStorage<SoundWish>({
    key: 'pebble-sound',
    defaultValue: USUAL,
    getInitialValueInEffect: false,
  });
  return {
    // Kept by an older version, a voice may go by another name.
    wish: { ...USUAL, ...wish, voice: VOICES.includes(wish.voice) ? wish.voice : USUAL.voice },
    set: (change: Partial<SoundWish>) => setWish((now) => ({ ...USUAL, ...now, ...change })),
  };
}
