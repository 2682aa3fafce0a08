import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, data } from '../api/client';
import { forgetTeacher } from './teacher';

/** Signs out, and forgets what this device kept of the studio. */
export function useSignOut() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => data(api.DELETE('/api/session')),
    // A fresh page: nothing of the studio stays in this window's memory, or on this device.
    onSuccess: async () => {
      await forgetTeacher(client).catch(() => undefined);
      window.location.assign('/sign-in');
    },
  });
}
