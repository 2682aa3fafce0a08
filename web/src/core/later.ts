import { read, type Questions } from './answers';
import { loadCore } from './core';
import type { Message, Reply } from './worker';

interface Waiting {
  message: Message;
  signal?: AbortSignal;
  done: (text: string) => void;
  failed: (error: Error) => void;
}

let worker: Worker | undefined;
let running: Waiting | undefined;
let queue: Waiting[] = [];
let asked = 0;

function started(module: WebAssembly.Module | undefined): Worker {
  const thread = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  const settle = (how: (waiting: Waiting) => void) => {
    const waiting = running;
    running = undefined;
    if (waiting) how(waiting);
    next(module);
  };
  thread.addEventListener('message', ({ data }: MessageEvent<Reply>) =>
    settle((waiting) => {
      if (data.text === undefined) waiting.failed(new Error(data.failed));
      else waiting.done(data.text);
    }),
  );
  // A thread whose script cannot be had never answers: its question fails, and the next one gets a new thread.
  thread.addEventListener('error', (event) => {
    thread.terminate();
    worker = undefined;
    settle((waiting) =>
      waiting.failed(new Error(event.message || 'The thread for long questions did not start.')),
    );
  });
  return thread;
}

/** One question at a time; those that nobody waits for any more are left out. */
function next(module: WebAssembly.Module | undefined) {
  if (running) return;
  queue = queue.filter((one) => !one.signal?.aborted);
  running = queue.shift();
  if (!running) return;
  const first = worker === undefined;
  worker ??= started(module);
  worker.postMessage(first ? { ...running.message, module: module ?? null } : running.message);
}

/** The answer to a question that may take longer than a frame: worked out in another thread. */
export async function later<Q extends keyof Questions>(
  what: Q,
  question: Questions[Q]['asked'],
  signal?: AbortSignal,
): Promise<Questions[Q]['answer']> {
  const { module } = await loadCore();
  const text = await new Promise<string>((done, failed) => {
    asked += 1;
    queue.push({
      message: { id: asked, what, asked: JSON.stringify(question) },
      signal,
      done,
      failed,
    });
    signal?.addEventListener('abort', () => failed(new DOMException('Nobody waits any more.', 'AbortError')));
    next(module);
  });
  return read(text);
}
