// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { keep, newClient, restore } from './keptClient';

const DAY_MS = 24 * 60 * 60 * 1000;

/** Learns something for a link, and waits until that is written down. */
async function learned(
  token: string,
  about: (client: ReturnType<typeof newClient>) => Promise<unknown> | unknown,
) {
  const client = newClient();
  const stop = keep(client, token);
  await about(client);
  await vi.advanceTimersByTimeAsync(1_500);
  stop();
}

async function known(token: string, key: string): Promise<unknown> {
  const client = newClient();
  await restore(client, token);
  return client.getQueryData([key]);
}

describe('what the room has learned', () => {
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'] });
    vi.stubGlobal('__BUILD__', 'one');
  });
  afterEach(() => vi.useRealTimers());

  it('is there again after the page was closed, each link for itself', async () => {
    await learned('a', (client) => client.setQueryData(['today'], 'eight minutes'));
    await vi.waitFor(async () => expect(await known('a', 'today')).toBe('eight minutes'));
    expect(await known('b', 'today')).toBeUndefined();
  });

  it('is kept as it was last known where it could not be asked again', async () => {
    await learned('c', async (client) => {
      client.setQueryData(['today'], 'eight minutes');
      await client
        .fetchQuery({
          queryKey: ['today'],
          queryFn: () => Promise.reject(new TypeError('no network')),
          retry: false,
        })
        .catch(() => undefined);
    });
    await vi.waitFor(async () => expect(await known('c', 'today')).toBe('eight minutes'));
  });

  it('is not read by another build, nor after a fortnight', async () => {
    await learned('d', (client) => client.setQueryData(['today'], 'old'));
    await vi.waitFor(async () => expect(await known('d', 'today')).toBe('old'));
    vi.stubGlobal('__BUILD__', 'two');
    expect(await known('d', 'today')).toBeUndefined();
    vi.stubGlobal('__BUILD__', 'one');
    await learned('e', (client) => client.setQueryData(['today'], 'old'));
    await vi.waitFor(async () => expect(await known('e', 'today')).toBe('old'));
    vi.setSystemTime(Date.now() + 15 * DAY_MS);
    expect(await known('e', 'today')).toBeUndefined();
  });

  it('is forgotten when the link was replaced', async () => {
    await learned('f', (client) => client.setQueryData(['today'], 'mine'));
    await vi.waitFor(async () => expect(await known('f', 'today')).toBe('mine'));
    await learned('f', (client) =>
      client
        .fetchQuery({
          queryKey: ['today'],
          queryFn: () => Promise.reject(new Problem(401, 'closed')),
          retry: false,
        })
        .catch(() => undefined),
    );
    await vi.waitFor(async () => expect(await known('f', 'today')).toBeUndefined());
  });
});
