import type { Catalogue } from '../../api/types';

type Range = Pick<Catalogue['ranges'][number], 'octaves' | 'span'>;

/** What tells one range from another. */
export const rangeId = ({ octaves, span }: Range) => (octaves != null ? `o${octaves}` : `s${span}`);

/** How far a line can go. */
export const rangeChoices = (catalogue: Catalogue) =>
  catalogue.ranges.map((one) => ({ value: rangeId(one), label: one.name }));

/** The fields of a range that was chosen. */
export function rangeOf(catalogue: Catalogue, id: string): Range {
  const chosen = catalogue.ranges.find((one) => rangeId(one) === id);
  return { octaves: chosen?.octaves, span: chosen?.span };
}
