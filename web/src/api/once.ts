import { useMutation, type MutateOptions, type UseMutationOptions } from '@tanstack/react-query';
import { useRef } from 'react';

/** A mutation that is not begun again while it runs: a double click comes before the page has drawn that it does. */
export function useOnce<Data, Asked>(options: UseMutationOptions<Data, Error, Asked>) {
  const running = useRef(false);
  const mutation = useMutation({
    ...options,
    onSettled: () => {
      running.current = false;
    },
  });
  const mutate = (asked: Asked, then?: MutateOptions<Data, Error, Asked>) => {
    if (running.current) return;
    running.current = true;
    mutation.mutate(asked, then);
  };
  return { ...mutation, mutate };
}
