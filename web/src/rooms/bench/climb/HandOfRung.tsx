import type { HandPart } from '../../../api/types';
import { Choose } from '../../../ui/Choose';
import { useDraft } from '../BenchContext';
import { useGrowth } from './useGrowth';

const ANY = '';

interface Props {
  hand: HandPart;
  onChange: (hand: HandPart) => void;
}

/** How the hand goes on a rung: its school, where it has some, and the position in which it stays. */
export function HandOfRung({ hand, onChange }: Props) {
  const { step } = useDraft();
  const growth = useGrowth(step.document, step.climb);
  const schools = growth?.schools ?? [];
  const positions = growth?.positions ?? [];
  return (
    <>
      {(schools.length > 0 || hand.school) && (
        <Choose
          other="of another instrument"
          label="School of this rung"
          value={hand.school ?? ANY}
          choices={[
            { value: ANY, label: 'as usual' },
            ...schools.map((one) => ({ value: one.id, label: one.words })),
          ]}
          onChange={(school) => onChange({ ...hand, school: school || undefined })}
        />
      )}
      {(positions.length > 0 || hand.position) && (
        <Choose
          other="of another instrument"
          label="Position of this rung"
          value={hand.position ?? ANY}
          choices={[
            { value: ANY, label: 'any position' },
            ...positions.map((one) => ({ value: one, label: `position ${one}` })),
          ]}
          onChange={(position) => onChange({ ...hand, position: position || undefined })}
        />
      )}
    </>
  );
}
