/// <reference lib="webworker" />
import { load } from './load';
import { wasmCore, type Core } from './wasm';

/** A question on its way to this thread; the first message may bring the module along. */
export interface Message {
  module?: WebAssembly.Module;
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

addEventListener('message', ({ data }: MessageEvent<Message>) => {
  core ??= data.module ? wasmCore(data.module) : load().then((loaded) => loaded.core);
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
