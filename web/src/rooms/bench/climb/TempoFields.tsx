import { NumberInput } from '@mantine/core';
import type { ClimbAxis, ClimbScheme, SchemeKind } from '../../../api/types';
import { Choose, type Choice } from '../../../ui/Choose';
import classes from './Climb.module.css';

interface Props {
  axis: ClimbAxis;
  onChange: (change: Partial<ClimbAxis>) => void;
}

const SCHEMES: Choice<SchemeKind>[] = [
  { value: 'fixed', label: 'even steps' },
  { value: 'percent', label: 'percent' },
  { value: 'dial', label: 'metronome dial' },
  { value: 'back-step', label: 'forward, one back' },
  { value: 'alternate', label: 'slow and fast' },
];
const USUAL_PERCENT = 5;
const USUAL_STEP = 4;

/** Another type of ladder, with the fields that belong to it. */
function schemeOf(type: SchemeKind, before: ClimbScheme): ClimbScheme {
  if (type === 'dial') return { type };
  const percent = before.type === 'percent';
  const by = type === 'percent' ? USUAL_PERCENT : percent || before.by == null ? USUAL_STEP : before.by;
  return type === 'back-step' ? { type, by, forward: 2 } : { type, by };
}

/** From where to where the tempo is climbed, and in which steps. */
export function TempoFields({ axis, onChange }: Props) {
  const scheme = axis.scheme!;
  const set = (change: Partial<ClimbScheme>) => onChange({ scheme: { ...scheme, ...change } });
  return (
    <span className={classes.fields}>
      <Amount label="from" value={axis.from!} min={20} onChange={(from) => onChange({ from })} />
      <Amount label="to" value={axis.to!} min={20} onChange={(to) => onChange({ to })} unit="bpm" />
      <Choose
        label="Ladder steps"
        value={scheme.type}
        choices={SCHEMES}
        onChange={(type) => onChange({ scheme: schemeOf(type, scheme) })}
      />
      {scheme.by != null && (
        <Amount
          label="by"
          value={scheme.by}
          min={0.5}
          unit={scheme.type === 'percent' ? '%' : undefined}
          onChange={(by) => set({ by })}
        />
      )}
      {scheme.forward != null && (
        <Amount label="forward" value={scheme.forward} min={2} onChange={(forward) => set({ forward })} />
      )}
    </span>
  );
}

interface AmountProps {
  label: string;
  value: number;
  min: number;
  unit?: string;
  onChange: (value: number) => void;
}

function Amount({ label, value, min, unit, onChange }: AmountProps) {
  return (
    <label className={classes.field}>
      {label}
      <NumberInput
        aria-label={`Ladder ${label}`}
        size="xs"
        w={62}
        min={min}
        max={400}
        decimalScale={1}
        clampBehavior="blur"
        value={value}
        onChange={(typed) => {
          const number = Number(typed);
          if (typed !== '' && number >= min && number !== value) onChange(number);
        }}
      />
      {unit}
    </label>
  );
}
