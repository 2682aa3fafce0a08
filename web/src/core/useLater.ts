import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Questions } from './answers';
import { later } from './later';

const KEPT_MS = 60_000;

/** An answer that may take longer than a frame; the one before stays on screen while the next is worked out. */
export function useLater<Q extends keyof Questions>(what: Q, asked: Questions[Q]['asked'], wanted = true) {
  return useQuery({
    queryKey: ['core', what, asked],
    queryFn: ({ signal }) => later(what, asked, signal),
    placeholderData: keepPreviousData,
    enabled: wanted,
    staleTime: Infinity,
    gcTime: KEPT_MS,
    networkMode: 'always',
    retry: false,
  });
}
