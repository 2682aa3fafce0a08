import { useLocalStorage } from '@mantine/hooks';
import type { Drone, LapsVoice } from '../../api/types';
import type { Fingers } from '../../notation/fingers';
import type { Levels } from '../../sound/mix';

/** How a student wants to hear it; kept in this browser. What is absent is as the step asks. */
export interface SoundWish {
  times: number;
  voice: LapsVoice;
  /** After how many repetitions the next rung comes; 0 where it stays. */
  every: number;
  drone?: 'off' | Drone;
  foot?: boolean;
  /** At which notes fingers stand. */
  fingers: Fingers;
  /** Whether the hand on the note to come stands under the notes. */
  picture?: boolean;
  /** How loud each part is wanted, by its name. */
  levels?: Levels;
  /** By how much sounds are heard later than the browser knows, as in wireless headphones. */
  latencyMs: number;
}

const VOICES: LapsVoice[] = ['without', 'with', 'every-second'];
const FINGERS: Fingers[] = ['always', 'new', 'never'];
const USUAL: SoundWish = { times: 1, voice: 'without', every: 0, fingers: 'new', latencyMs: 0 };

export function useSound() {
  const [wish, setWish] = useLocalStorage<SoundWish>({
    key: 'pebble-sound',
    defaultValue: USUAL,
    getInitialValueInEffect: false,
  });
  return {
    // Kept by an older version, a voice may go by another name.
    wish: {
      ...USUAL,
      ...wish,
      voice: VOICES.includes(wish.voice) ? wish.voice : USUAL.voice,
      fingers: FINGERS.includes(wish.fingers) ? wish.fingers : USUAL.fingers,
    },
    set: (change: Partial<SoundWish>) => setWish((now) => ({ ...USUAL, ...now, ...change })),
  };
}
