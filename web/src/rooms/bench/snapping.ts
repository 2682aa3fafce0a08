import type { PassageDocument, PulseDocument } from '../../api/types';

/** The division that nudging and dragging snap to; clicks of the figure by default. */
export type Snap = 'clicks' | 'eighths' | 'sixteenths' | 'triplets';

/** The two sides of a step. */
export type Side = 'notes' | 'climb';

/** Clicks wider than this are those of triplets. */
const SHORTEST_TRIPLET = 0.07;

/** The places of a division: of the figure's own clicks, where none is chosen. */
function snapped(pulse: PulseDocument, snap: Snap) {
  const grid = snap !== 'clicks' ? snap : pulse.click < SHORTEST_TRIPLET ? 'sixteenths' : 'triplets';
  return pulse.places.filter((place) => place.grids.includes(grid));
}

/** The place nearest to a position, in whole notes from the downbeat. */
export function nearest(passage: PassageDocument | undefined, x: number, snap: Snap): string | undefined {
  if (!passage?.pulse) return undefined;
  const [first, ...rest] = snapped(passage.pulse, snap);
  if (!first) return undefined;
  return rest.reduce((best, place) => (Math.abs(place.x - x) < Math.abs(best.x - x) ? place : best), first)
    .place;
}

/** The place so many places of a division away; from between two of them first to the next on that side. */
export function nudged(
  passage: PassageDocument | undefined,
  from: string,
  clicks: number,
  snap: Snap,
): string | undefined {
  const pulse = passage?.pulse;
  if (!pulse) return undefined;
  const places = snapped(pulse, snap);
  const own = pulse.places.find((place) => place.place === from);
  const x = own?.x ?? pulse.attacks[0]!;
  const exact = places.findIndex((place) => place.place === from);
  const at = exact >= 0 ? exact : places.findIndex((place) => place.x > x) - (clicks > 0 ? 1 : 0);
  return places[Math.min(places.length - 1, Math.max(0, at + clicks))]?.place;
}
