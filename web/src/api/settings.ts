import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import { useStudentsChanged } from './students';
import type { Settings } from './types';

export function useSettings() {
  return useQuery({
    queryKey: ['settings'],
    queryFn: () => data(api.GET('/api/settings')),
    staleTime: Infinity,
  });
}

export function useKeepSettings() {
  const client = useQueryClient();
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: (body: Settings) => data(api.PUT('/api/settings', { body })),
    onSuccess: (settings) => {
      client.setQueryData(['settings'], settings);
      return changed();
    },
  });
}

/** Takes a way for the studio's usual one of a note on an instrument; without a way takes that back. */
export function useKeepUsual() {
  const client = useQueryClient();
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: (body: { instrument: string; pitch: string; way?: string }) =>
      data(api.PUT('/api/settings/fingerings', { body })),
    onSuccess: (settings) => {
      client.setQueryData(['settings'], settings);
      return changed();
    },
  });
}
