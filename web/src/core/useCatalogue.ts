import { useQuery } from '@tanstack/react-query';
import { answer } from './answers';
import { loadCore } from './core';

/** Everything there is to choose from, as the core knows it. */
export function useCatalogue() {
  return useQuery({
    queryKey: ['catalogue'],
    queryFn: async () => {
      await loadCore();
      return answer('catalogue', {});
    },
    staleTime: Infinity,
    networkMode: 'always',
    retry: false,
  });
}
