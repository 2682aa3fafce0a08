import type { HandPart } from '../../../api/types';
import { Choose, type Choice } from '../../../ui/Choose';
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
  return (
    <>
      <Asked
        label="School of this rung"
        any="as usual"
        offered={(growth?.schools ?? []).map((one) => ({ value: one.id, label: one.words }))}
        value={hand.school}
        onChange={(school) => onChange({ ...hand, school })}
      />
      <Asked
        label="Position of this rung"
        any="any position"
        offered={(growth?.positions ?? []).map((one) => ({ value: one, label: `position ${one}` }))}
        value={hand.position}
        onChange={(position) => onChange({ ...hand, position })}
      />
    </>
  );
}

interface AskedProps {
  label: string;
  /** What is said where nothing is asked for. */
  any: string;
  offered: Choice[];
  value: string | undefined;
  onChange: (value: string | undefined) => void;
}

/** One thing that is asked of the hand, or not; nothing where there is nothing to ask. */
function Asked({ label, any, offered, value, onChange }: AskedProps) {
  if (offered.length === 0 && !value) return null;
  return (
    <Choose
      other="of another instrument"
      label={label}
      value={value ?? ANY}
      choices={[{ value: ANY, label: any }, ...offered]}
      onChange={(chosen) => onChange(chosen || undefined)}
    />
  );
}
