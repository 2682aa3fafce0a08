import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import { useStudentsChanged } from './students';
import type { InstrumentRequest } from './types';

export function useInstruments() {
  return useQuery({ queryKey: ['instruments'], queryFn: () => data(api.GET('/api/instruments')) });
}

/** Whether it is known how one of these instruments is fingered; taken for so until they are here. */
export function useFingered(ids: string[]): boolean {
  const all = useInstruments();
  return ids.length === 0 || (all.data?.some((one) => one.hand && ids.includes(one.id)) ?? true);
}

export function useKeepInstrument() {
  const client = useQueryClient();
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, body }: { id?: number; body: InstrumentRequest }) =>
      id === undefined
        ? data(api.POST('/api/instruments', { body }))
        : data(api.PUT('/api/instruments/{id}', { params: { path: { id } }, body })),
    onSuccess: () => Promise.all([client.invalidateQueries({ queryKey: ['instruments'] }), changed()]),
  });
}

export function useArchiveInstrument() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, restore }: { id: number; restore?: boolean }) => {
      const params = { path: { id } };
      return restore
        ? data(api.POST('/api/instruments/{id}/restore', { params }))
        : data(api.POST('/api/instruments/{id}/archive', { params }));
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['instruments'] }),
  });
}
