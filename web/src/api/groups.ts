import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import { useStudentsChanged } from './students';
import type { GroupRequest } from './types';

/** What each student would see of a routine. */
export function useGivePreview(form: GroupRequest) {
  return useQuery({
    queryKey: ['givePreview', form],
    queryFn: () => data(api.POST('/api/assignments/group/preview', { body: form })),
    enabled: form.studentIds.length > 0,
    placeholderData: keepPreviousData,
  });
}

/** Gives a routine to several students at once. */
export function useGiveRoutine() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (form: GroupRequest) => data(api.POST('/api/assignments/group', { body: form })),
    onSuccess: changed,
  });
}
