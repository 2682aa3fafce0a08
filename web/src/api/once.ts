import { useMutation, type UseMutationOptions } from '@tanstack/react-query';
import { useRef } from 'react';

/** What follows when the server has answered. */
interface Then<Data> {
  onSuccess?: (data: Data) => void;
  onError?: (error: Error) => void;
}

/**
 * A mutation that is not begun again while it runs: a double click comes before the page has drawn that it does. What
 * follows is done even if the control is gone by then, as a pick is from the Desk once it is picked.
 */
export function useOnce<Data, Asked>(options: UseMutationOptions<Data, Error, Asked>) {
  const running = useRef(false);
  const mutation = useMutation({
    ...options,
    onSettled: () => {
      running.current = false;
    },
  });
  const mutate = (asked: Asked, then?: Then<Data>) => {
    if (running.current) return;
    running.current = true;
    mutation.mutateAsync(asked).then(
      (data) => then?.onSuccess?.(data),
      (error: Error) => then?.onError?.(error),
    );
  };
  return { ...mutation, mutate };
}
