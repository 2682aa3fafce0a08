import { useSettings } from '../api/settings';

/** What several notes of a value are called in this studio, by the names of the catalogue. */
export function useValueName() {
  const settings = useSettings();
  const british = settings.data?.valueNames === 'british';
  return (choice: { plural: string; british: string }) => (british ? choice.british : choice.plural);
}
