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
