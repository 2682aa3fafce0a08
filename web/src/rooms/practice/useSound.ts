import { useLocalStorage } from '@mantine/hooks';

/** How a student wants to hear it; kept in this browser. What is absent is as the step asks. */
export interface SoundWish {
  times: number;
  voice: 'without' | 'with' | 'every_second';
  /** After how many repetitions the next rung comes; 0 where it stays. */
  every: number;
  drone?: 'off' | 'tonic' | 'tonic-and-fifth';
  foot?: boolean;
  /** By how much sounds are heard later than the browser knows, as in wireless headphones. */
  latencyMs: number;
}

const USUAL: SoundWish = { times: 1, voice: 'without', every: 0, latencyMs: 0 };

export function useSound() {
  const [wish, setWish] = useLocalStorage<SoundWish>({
    key: 'pebble-sound',
    defaultValue: USUAL,
    getInitialValueInEffect: false,
  });
  return {
    wish: { ...USUAL, ...wish },
    set: (change: Partial<SoundWish>) => setWish((now) => ({ ...USUAL, ...now, ...change })),
  };
}
