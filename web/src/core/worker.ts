/// <reference lib="webworker" />
import { load, scriptCore } from './load';
import { wasmCore, type Core } from './wasm';

/** A question on its way to this thread; the first brings along what the page runs: its module, or none for JavaScript. */
export interface Message {
  module?: WebAssembly.Module | null;
  id: number;
  what: string;
  asked: string;
}

/** What came of it; {@code failed} where this thread could not work at all. */
export interface Reply {
  id: number;
  text?: string;
  failed?: string;
}

let core: Promise<Core> | undefined;

function made(module: Message['module']): Promise<Core> {
  if (module === null) return scriptCore();
  return module ? wasmCore(module) : load().then((loaded) => loaded.core);
}

addEventListener('message', ({ data }: MessageEvent<Message>) => {
  core ??= made(data.module);
  core.then(
    (here) => {
      try {
        postMessage({ id: data.id, text: here.ask(data.what, data.asked) } satisfies Reply);
      } catch (error) {
        postMessage({ id: data.id, failed: String(error) } satisfies Reply);
      }
    },
    (error: unknown) => {
      core = undefined;
      postMessage({ id: data.id, failed: String(error) } satisfies Reply);
    },
  );
});
