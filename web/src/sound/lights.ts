/** Who sounds now, told to whoever draws it: the index of a note, or undefined between and after. */
export interface Lights {
  subscribe(listener: (index: number | undefined) => void): () => void;
  show(index: number | undefined): void;
}

export function createLights(): Lights {
  const listeners = new Set<(index: number | undefined) => void>();
  return {
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    show(index) {
      listeners.forEach((listener) => listener(index));
    },
  };
}
