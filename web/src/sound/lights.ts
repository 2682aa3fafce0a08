/** Told which note sounds: its index, or undefined between and after; the voice where it is not of the line. */
export type Lit = (index: number | undefined, voice?: number) => void;

/** Who sounds now, told to whoever draws it. */
export interface Lights {
  subscribe(listener: Lit): () => void;
  show: Lit;
}

export function createLights(): Lights {
  const listeners = new Set<Lit>();
  return {
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    show(index, voice) {
      listeners.forEach((listener) => listener(index, voice));
    },
  };
}
