import type { Catalogue } from '../api/types';
import { useCatalogue } from './useCatalogue';

/** The least and the most that a typed number can be, as an input takes them; none until the core has come. */
export function useBounds(of: keyof Catalogue['bounds']): { min?: number; max?: number } {
  const bounds = useCatalogue().data?.bounds[of];
  return { min: bounds?.least, max: bounds?.most };
}
