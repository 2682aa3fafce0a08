import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Questions } from './answers';
import { later } from './later';

const KEPT_MS = 60_000;

function laterOptions<Q extends keyof Questions>(what: Q, asked: Questions[Q]['asked'], wanted: boolean) {
  return {
    queryKey: ['core', what, asked],
    queryFn: ({ signal }: { signal: AbortSignal }) => later(what, asked, signal),
    placeholderData: keepPreviousData,
    enabled: wanted,
    staleTime: Infinity,
    gcTime: KEPT_MS,
    networkMode: 'always' as const,
    retry: false,
  };
}

/** An answer that may take longer than a frame; the one before stays on screen while the next is worked out. */
export function useLater<Q extends keyof Questions>(what: Q, asked: Questions[Q]['asked'], wanted = true) {
  return useQuery(laterOptions(what, asked, wanted));
}

/** A part of such an answer; it stays the same as long as it says the same, so that nothing is drawn again for it. */
export function usePartLater<Q extends keyof Questions, T>(
  what: Q,
  asked: Questions[Q]['asked'],
  select: (answer: Questions[Q]['answer']) => T,
  wanted: boolean,
) {
  return useQuery({ ...laterOptions(what, asked, wanted), select });
}
