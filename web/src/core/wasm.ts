/** What the core answers: a text for a text. */
export interface Core {
  ask(what: string, asked: string): string;
}

/** What of the module is called here. */
interface Exports extends WebAssembly.Exports {
  'teavm.malloc'(bytes: number): number;
  'teavm.free'(at: number): void;
  ask(at: number, what: number, asked: number): number;
  answer(at: number): void;
}

const BYTES = 2;
const PAGE = 65_536;
const ALIGNED = 8;
const MOST_PAGES = 4_096;
/** Room for what a usual step asks; more is taken when it is needed. */
const ROOM_AT_FIRST = 65_536;

/** What the module says of its memory: how many pages it wants, and how many bytes of them it has filled itself. */
function memoryOf(module: WebAssembly.Module): { min: number; dataSize: number } {
  const [said] = WebAssembly.Module.customSections(module, 'teavm.memoryRequirements');
  if (!said) throw new Error('The core does not say how much memory it has.');
  return JSON.parse(new TextDecoder().decode(said)) as { min: number; dataSize: number };
}

const constant = (value: number) => new WebAssembly.Global({ value: 'i32', mutable: false }, value);

const STRINGS = 'wasm:js-string';

/** What browsers that do not bring it themselves need for the platform's texts. */
const ofStrings = (): WebAssembly.ModuleImports => ({
  fromCharCode: (code: number) => String.fromCharCode(code),
  concat: (first: string, second: string) => first + second,
  charCodeAt: (text: string, at: number) => text.charCodeAt(at),
  length: (text: string) => text.length,
  substring: (text: string, from: number, to: number) => text.substring(from, to),
  fromCharCodeArray: () => null,
  intoCharCodeArray: () => 0,
});

type Anything = Record<string, unknown>;

/** What the platform may ask of the page itself. */
const ofThePage: WebAssembly.ModuleImports = {
  global: (name: string) => (globalThis as unknown as Anything)[name],
  getProperty: (of: Anything, name: string) => of[name],
  callMethod0: (of: Record<string, () => unknown>, name: string) => of[name]!(),
  isUndefined: (what: unknown) => (what === undefined ? 1 : 0),
  instanceOf: (what: unknown, type: new () => unknown) => (what instanceof type ? 1 : 0),
};

/** Compiles the module; texts are the browser's own where it can. */
export function compiledCore(bytes: BufferSource): Promise<WebAssembly.Module> {
  const compile = WebAssembly.compile as (
    bytes: BufferSource,
    options: { builtins: string[] },
  ) => Promise<WebAssembly.Module>;
  return compile(bytes, { builtins: ['js-string'] });
}

/**
 * The core as WebAssembly. Texts go through its memory as UTF-16. The platform's own way of calling such a module makes
 * functions of texts, which the page's content policy forbids; this is the small part of it that the core needs.
 */
export async function wasmCore(module: WebAssembly.Module): Promise<Core> {
  const { min, dataSize } = memoryOf(module);
  const memory = new WebAssembly.Memory({ initial: min, maximum: MOST_PAGES });
  const nothing = () => null;
  const asked = WebAssembly.Module.imports(module).some((one) => one.module === STRINGS);
  const instance = await WebAssembly.instantiate(module, {
    env: { memory },
    ...(asked ? { [STRINGS]: ofStrings() } : {}),
    teavmMemory: {
      notifyHeapResized: nothing,
      heapOffset: constant(Math.ceil(dataSize / ALIGNED) * ALIGNED),
      maxSize: constant(MOST_PAGES * PAGE - 1),
    },
    teavm: { takeStackTrace: nothing, decorateException: nothing },
    teavmMath: Math as unknown as WebAssembly.ModuleImports,
    teavmDate: { currentTimeMillis: () => Date.now() },
    teavmJso: {
      stringBuiltinsSupported: () => (asked ? 0 : 1),
      // The only one that is made: texts as they are.
      createFunction1: () => (text: unknown) => text,
      callFunction1: (make: (text: unknown) => unknown, text: unknown) => make(text),
      ...ofThePage,
    },
  });
  const core = instance.exports as Exports;
  const decoder = new TextDecoder('utf-16le');
  let room = ROOM_AT_FIRST;
  let at = core['teavm.malloc'](room);
  const need = (bytes: number) => {
    if (bytes <= room) return;
    core['teavm.free'](at);
    room = bytes * 2;
    at = core['teavm.malloc'](room);
  };
  return {
    ask(what, asked) {
      const text = what + asked;
      need(text.length * BYTES);
      const chars = new Uint16Array(memory.buffer, at, text.length);
      for (let i = 0; i < text.length; i++) chars[i] = text.charCodeAt(i);
      const length = core.ask(at, what.length, asked.length);
      need(length * BYTES);
      core.answer(at);
      return decoder.decode(new Uint8Array(memory.buffer, at, length * BYTES));
    },
  };
}
