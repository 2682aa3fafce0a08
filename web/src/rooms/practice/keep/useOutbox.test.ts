// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../../api/client';
import type { TakeRequest } from '../../../api/types';
import { store, type Entry } from '../../../keep/store';
import { useOutbox } from './useOutbox';

const take = (note: string) =>
  ({ note, assignmentId: 7, bpm: 60, outcome: 'stopped' }) as unknown as TakeRequest;
const entry = (note: string, token: string, room?: string): Entry => ({
  kind: 'take',
  token,
  room,
  form: take(note),
});
const noteOf = (sent: Entry) => (sent.kind === 'take' ? sent.form.note : undefined);

/** A studio that takes down what arrives; with a problem it answers that instead. */
function studio(problem?: () => Error | undefined) {
  const arrived: (string | undefined)[] = [];
  const send = vi.fn(async (sent: Entry) => {
    const wrong = problem?.();
    if (wrong) throw wrong;
    arrived.push(noteOf(sent));
  });
  return { arrived, send };
}

const waiting = async () => (await (await store()).list('new', 'room')).map(noteOf);

describe('what is on its way to the studio', () => {
  beforeEach(async () => {
    const kept = await store();
    for (const one of [...(await kept.list('old', 'room')), ...(await kept.list('new', 'room'))])
      await kept.remove(one.seq!);
  });

  it('arrives in the order in which it was made, and is crossed out', async () => {
    const { arrived, send } = studio();
    const { result } = renderHook(() => useOutbox('new', 'room', send));
    await act(() =>
      result.current.add([
        { kind: 'take', form: take('first') },
        { kind: 'take', form: take('second') },
      ]),
    );
    await act(() => result.current.add([{ kind: 'take', form: take('third') }]));
    await waitFor(() => expect(arrived).toEqual(['first', 'second', 'third']));
    await waitFor(() => expect(result.current.waiting).toEqual([]));
    expect(await waiting()).toEqual([]);
  });

  it('goes with the new link of the same room, also where the room is known only while something is under way', async () => {
    await (await store()).add(entry('by the old link', 'old', 'room'));
    const { arrived, send } = studio();
    const { rerender } = renderHook(({ room }) => useOutbox('new', room, send), {
      initialProps: { room: undefined as string | undefined },
    });
    rerender({ room: 'room' });
    await waitFor(() => expect(arrived).toEqual(['by the old link']));
    expect(await waiting()).toEqual([]);
  });

  it('stays with its room: another student on the same device sends nothing of it', async () => {
    await (await store()).add(entry('not mine', 'old', 'room'));
    const { arrived, send } = studio();
    const { result } = renderHook(() => useOutbox('other', 'other room', send));
    await act(() => result.current.add([{ kind: 'take', form: take('mine') }]));
    await waitFor(() => expect(arrived).toEqual(['mine']));
    expect(await waiting()).toEqual(['not mine']);
  });

  it('waits where the studio cannot be reached, and goes when the network is back', async () => {
    let offline = true;
    const { arrived, send } = studio(() => (offline ? new TypeError('no network') : undefined));
    const { result } = renderHook(() => useOutbox('new', 'room', send));
    await act(() => result.current.add([{ kind: 'take', form: take('later') }]));
    await waitFor(() => expect(send).toHaveBeenCalled());
    expect(result.current.waiting.map(noteOf)).toEqual(['later']);
    offline = false;
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(() => expect(arrived).toEqual(['later']));
  });

  it('says why the studio cannot keep it now, keeps it, and says nothing once it has gone', async () => {
    let full = true;
    const { arrived, send } = studio(() => (full ? new Problem(503, 'The disk is full.') : undefined));
    const { result } = renderHook(() => useOutbox('new', 'room', send));
    await act(() => result.current.add([{ kind: 'take', form: take('kept') }]));
    await waitFor(() => expect(result.current.held).toBe('The disk is full.'));
    expect(result.current.waiting.map(noteOf)).toEqual(['kept']);
    full = false;
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(() => expect(arrived).toEqual(['kept']));
    await waitFor(() => expect(result.current.held).toBeUndefined());
  });

  it('does not hold up what comes after something that is refused, and keeps that', async () => {
    let refused = true;
    const { arrived, send } = studio(() => {
      const wrong = refused ? new Problem(422, 'There is no such rung.') : undefined;
      refused = false;
      return wrong;
    });
    const { result } = renderHook(() => useOutbox('new', 'room', send));
    await act(() =>
      result.current.add([
        { kind: 'take', form: take('odd') },
        { kind: 'take', form: take('even') },
      ]),
    );
    await waitFor(() => expect(arrived).toEqual(['even']));
    await waitFor(() => expect(result.current.refused.map(noteOf)).toEqual(['odd']));
    let back = async () => {};
    await act(async () => {
      back = await result.current.leaveOut();
    });
    expect(result.current.refused).toEqual([]);
    await act(() => back());
    expect(result.current.refused.map(noteOf)).toEqual(['odd']);
    await act(() => result.current.tryAgain());
    await waitFor(() => expect(arrived).toEqual(['even', 'odd']));
  });
});
