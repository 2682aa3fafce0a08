// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { createElement, type ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { useOnce } from './once';

/** A studio that answers when it is told to. */
function slow() {
  let answer!: (data: string) => void;
  let refuse!: (error: Error) => void;
  const ask = vi.fn(
    () =>
      new Promise<string>((resolve, reject) => {
        answer = resolve;
        refuse = reject;
      }),
  );
  return { ask, answer: (data: string) => answer(data), refuse: (error: Error) => refuse(error) };
}

function once(ask: () => Promise<string>) {
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) =>
    createElement(QueryClientProvider, { client }, children);
  return renderHook(() => useOnce<string, string>({ mutationFn: () => ask() }), { wrapper });
}

describe('what is meant once', () => {
  it('is asked once, however often it is pressed before the answer, and again after it', async () => {
    const { ask, answer } = slow();
    const { result } = once(ask);
    act(() => {
      result.current.mutate('a');
      result.current.mutate('a');
    });
    await waitFor(() => expect(ask).toHaveBeenCalledTimes(1));
    await act(async () => answer('done'));
    await waitFor(() => expect(result.current.data).toBe('done'));
    act(() => result.current.mutate('b'));
    await waitFor(() => expect(ask).toHaveBeenCalledTimes(2));
  });

  it('is followed by what was to follow, also where the control is gone by then', async () => {
    const { ask, answer } = slow();
    const { result, unmount } = once(ask);
    const onSuccess = vi.fn();
    act(() => result.current.mutate('a', { onSuccess }));
    await waitFor(() => expect(ask).toHaveBeenCalled());
    unmount();
    answer('done');
    await waitFor(() => expect(onSuccess).toHaveBeenCalledWith('done'));
  });

  it('can be tried again after an error, which is told', async () => {
    const { ask, refuse } = slow();
    const { result } = once(ask);
    const onError = vi.fn();
    act(() => result.current.mutate('a', { onError }));
    await waitFor(() => expect(ask).toHaveBeenCalledTimes(1));
    await act(async () => refuse(new Error('not now')));
    await waitFor(() => expect(onError).toHaveBeenCalledWith(new Error('not now')));
    act(() => result.current.mutate('a'));
    await waitFor(() => expect(ask).toHaveBeenCalledTimes(2));
  });
});
