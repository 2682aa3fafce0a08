import { NumberInput } from '@mantine/core';
import type { ClimbAxis, ClimbScheme, SchemeKind } from '../../../api/types';
import { Choose, type Choice } from '../../../ui/Choose';
import { useAround } from '../BenchContext';
import classes from './Climb.module.css';

interface Props {
  axis: ClimbAxis;
  onChange: (change: Partial<ClimbAxis>) => void;
  /** Another way for the tempos to follow on each other. */
  onScheme: (scheme: SchemeKind) => void;
}

const SCHEMES: Choice<SchemeKind>[] = [
  { value: 'fixed', label: 'even steps' },
  { value: 'percent', label: 'percent' },
  { value: 'dial', label: 'metronome dial' },
  { value: 'back-step', label: 'forward, one back' },
  { value: 'alternate', label: 'slow and fast' },
];
/** From where to where the tempo is climbed, and in which steps. */
export function TempoFields({ axis, onChange, onScheme }: Props) {
  const { slowest, fastest } = useAround().catalogue.amounts;
  const scheme = axis.scheme!;
  const set = (change: Partial<ClimbScheme>) => onChange({ scheme: { ...scheme, ...change } });
  return (
    <span className={classes.fields}>
      <Amount
        max={fastest}
        label="from"
        value={axis.from!}
        min={slowest}
        onChange={(from) => onChange({ from })}
      />
      <Amount
        max={fastest}
        label="to"
        value={axis.to!}
        min={slowest}
        onChange={(to) => onChange({ to })}
        unit="bpm"
      />
      <Choose label="Ladder steps" value={scheme.type} choices={SCHEMES} onChange={onScheme} />
      {scheme.by != null && (
        <Amount
          label="by"
          value={scheme.by}
          min={0.5}
          max={fastest}
          unit={scheme.type === 'percent' ? '%' : undefined}
          onChange={(by) => set({ by })}
        />
      )}
      {scheme.forward != null && (
        <Amount
          max={fastest}
          label="forward"
          value={scheme.forward}
          min={2}
          onChange={(forward) => set({ forward })}
        />
      )}
    </span>
  );
}

interface AmountProps {
  label: string;
  value: number;
  min: number;
  max: number;
  unit?: string;
  onChange: (value: number) => void;
}

function Amount({ label, value, min, max, unit, onChange }: AmountProps) {
  return (
    <label className={classes.field}>
      {label}
      <NumberInput
        aria-label={`Ladder ${label}`}
        size="xs"
        w={62}
        min={min}
        max={max}
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
