import { useState } from 'react';
import type { MadeUpPlayer, Taps } from '../../api/types';
import { tried, type Outcome } from '../../core/answers';
import type { OnStand } from './useStand';

type Tapped = { bpm: number; at: string } & ({ taps: number[] } | { simulated: MadeUpPlayer });

/** How taps lie against the notes; nothing is kept. */
export function useTaps(asked: OnStand['asked']) {
  const [found, setFound] = useState<Outcome<Taps>>();
  return {
    found,
    look: (tapped: Tapped) => asked && setFound(tried('taps', { ...asked, ...tapped })),
    forget: () => setFound(undefined),
  };
}

export type TapsFound = ReturnType<typeof useTaps>['found'];
