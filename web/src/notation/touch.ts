/** A note that is pointed at: of the line, or of a further voice by its place among the voices. */
export interface Touch {
  index: number;
  voice?: number;
}

export function sameTouch(one: Touch, other: Touch): boolean {
  return one.index === other.index && one.voice === other.voice;
}
