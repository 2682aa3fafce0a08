import wasmUrl from '@core/core.small.wasm?url';
import { compiledCore, wasmCore, type Core } from './wasm';

export type { Core };

/** The smallest module with a type that is collected: browsers without them refuse it. */
const COLLECTED = new Uint8Array([
  0x00, 0x61, 0x73, 0x6d, 0x01, 0x00, 0x00, 0x00, 0x01, 0x03, 0x01, 0x5f, 0x00,
]);

/** The core, and the module that another thread can make its own of; none where it runs as JavaScript. */
export interface Loaded {
  core: Core;
  module?: WebAssembly.Module;
}

/** Whether this browser runs the core as WebAssembly; older ones run it as JavaScript, slower and with the same answers. */
export function runsWasm(): boolean {
  return typeof WebAssembly === 'object' && WebAssembly.validate(COLLECTED);
}

async function compiled(): Promise<WebAssembly.Module> {
  const response = await fetch(wasmUrl);
  if (!response.ok) throw new TypeError(`The core is not there: ${response.status}.`);
  return compiledCore(await response.arrayBuffer());
}

/** The core as JavaScript. */
export async function scriptCore(): Promise<Core> {
  return import('@core/core.js');
}

/** Loads the core in the form that this browser runs. */
export async function load(): Promise<Loaded> {
  if (!runsWasm()) return { core: await scriptCore() };
  const module = await compiled();
  return { core: await wasmCore(module), module };
}
