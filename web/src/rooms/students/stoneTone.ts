import type { KeyGrid } from '../../api/types';
import type { StoneTone } from '../../ui/Stone';

export type KeyCell = KeyGrid['items'][number]['cells'][number];

/** The stone of a key: hollow before it is met, clay where it fades, moss when it is learned. */
export function toneOf(cell: KeyCell, most: number): StoneTone {
  if (cell.forms === 0) return 'hollow';
  if (cell.fading) return 'clay';
  if (cell.rings === 0) return 'sand';
  return cell.rings >= most ? 'moss' : 'river';
}

/** How far a key is, in words. */
export function keySaid(cell: KeyCell, most: number): string {
  if (cell.forms === 0) return 'not met';
  const rings = `${cell.rings} of ${most} rings`;
  return cell.fading ? `${rings}, fading` : rings;
}
