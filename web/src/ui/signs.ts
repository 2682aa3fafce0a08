/** A note, a pitch or a degree by its id, with the signs of the staff: Db4 becomes D♭4, b3 becomes ♭3. */
export function signs(id: string): string {
  return id.replaceAll('b', '♭').replaceAll('#', '♯');
}

/** The lowest and the highest pitch of a range, by the range's id: Bb3-A6. */
export function endsOf(range: string): [string, string] {
  const [lowest = '', highest = ''] = range.split(/-(?=[A-G])/);
  return [lowest, highest];
}

/** A range by its id, as read: B♭3 to A6. */
export function rangeSigns(range: string): string {
  return endsOf(range).map(signs).join(' to ');
}

/** The name and the octave of a pitch, by its id. */
export function partsOf(pitch: string): { name: string; octave: number } {
  const at = pitch.search(/-?\d/);
  return { name: pitch.slice(0, at), octave: Number(pitch.slice(at)) };
}

/** The name of a pitch without its octave, by its id: Db4 is Db. */
export function nameOf(pitch: string): string {
  return partsOf(pitch).name;
}
