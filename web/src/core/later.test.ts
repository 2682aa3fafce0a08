import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { answer } from './answers';
import { loadCore } from './core';
import type { Message, Reply } from './worker';

const SPEECH = { counting: 'numbers', valueNames: 'american' } as const;

/** A thread that answers when the test says so. */
class Thread extends EventTarget {
  static all: Thread[] = [];
  asked: Message[] = [];
  ended = false;

  constructor() {
    super();
    Thread.all.push(this);
  }

  postMessage(message: Message) {
    this.asked.push(message);
  }

  terminate() {
    this.ended = true;
  }

  replies(reply: Omit<Reply, 'id'>) {
    const { id } = this.asked.at(-1)!;
    this.dispatchEvent(new MessageEvent('message', { data: { id, ...reply } }));
  }

  fails(message: string) {
    this.dispatchEvent(Object.assign(new Event('error'), { message }));
  }
}

/** The queue lives as long as the module: each test has its own. */
async function fresh() {
  const { later } = await import('./later');
  const { step } = answer('catalogue', {}).first;
  return { ask: (signal?: AbortSignal) => later('tour', { step, speech: SPEECH }, signal) };
}

const started = (threads: number, questions: number) =>
  vi.waitFor(() => {
    expect(Thread.all).toHaveLength(threads);
    expect(Thread.all.at(-1)!.asked).toHaveLength(questions);
  });

beforeEach(async () => {
  await loadCore();
  vi.resetModules();
  Thread.all = [];
  vi.stubGlobal('Worker', Thread);
});

afterEach(() => vi.unstubAllGlobals());

describe('a question worked out in another thread', () => {
  it('waits for the one before, and brings the module along only once', async () => {
    const { ask } = await fresh();
    const first = ask();
    const second = ask();
    await started(1, 1);
    expect(Thread.all[0]!.asked[0]).toHaveProperty('module');
    Thread.all[0]!.replies({ text: '{"of":"first"}' });
    expect(await first).toEqual({ of: 'first' });
    await started(1, 2);
    expect(Thread.all[0]!.asked[1]).not.toHaveProperty('module');
    Thread.all[0]!.replies({ text: '{"of":"second"}' });
    expect(await second).toEqual({ of: 'second' });
  });

  it('is left out when nobody waits for it any more', async () => {
    const { ask } = await fresh();
    const first = ask();
    const gone = new AbortController();
    const second = ask(gone.signal);
    const third = ask();
    await started(1, 1);
    gone.abort();
    await expect(second).rejects.toThrow('Nobody waits any more.');
    Thread.all[0]!.replies({ failed: 'It could not.' });
    await expect(first).rejects.toThrow('It could not.');
    await started(1, 2);
    Thread.all[0]!.replies({ text: '{"of":"third"}' });
    expect(await third).toEqual({ of: 'third' });
    expect(Thread.all[0]!.asked).toHaveLength(2);
  });

  it('fails where the thread does not start, and the next one gets a new thread', async () => {
    const { ask } = await fresh();
    const first = ask();
    const second = ask();
    await started(1, 1);
    Thread.all[0]!.fails('There is no such script.');
    await expect(first).rejects.toThrow('There is no such script.');
    expect(Thread.all[0]!.ended).toBe(true);
    await started(2, 1);
    expect(Thread.all[1]!.asked[0]).toHaveProperty('module');
    Thread.all[1]!.replies({ text: '{"of":"second"}' });
    expect(await second).toEqual({ of: 'second' });
  });
});
