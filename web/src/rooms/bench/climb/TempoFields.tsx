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
  const { bounds } = useAround().catalogue;
  const scheme = axis.scheme!;
  const set = (change: Partial<ClimbScheme>) => onChange({ scheme: { ...scheme, ...change } });
  return (
    <span className={classes.fields}>
      <Amount label="from" value={axis.from!} within={bounds.bpm} onChange={(from) => onChange({ from })} />
      <Amount
        label="to"
        value={axis.to!}
        within={bounds.bpm}
        onChange={(to) => onChange({ to })}
        unit="bpm"
      />
      <Choose label="Ladder steps" value={scheme.type} choices={SCHEMES} onChange={onScheme} />
      {scheme.by != null && (
        <Amount
          label="by"
          value={scheme.by}
          within={bounds.by}
          unit={scheme.type === 'percent' ? '%' : undefined}
          onChange={(by) => set({ by })}
        />
      )}
      {scheme.forward != null && (
        <Amount
          label="forward"
          value={scheme.forward}
          within={bounds.forward}
          onChange={(forward) => set({ forward })}
        />
      )}
    </span>
  );
}

interface AmountProps {
  label: string;
  value: number;
  within: { least: number; most: number };
  unit?: string;
  onChange: (value: number) => void;
}

function Amount({ label, value, within, unit, onChange }: AmountProps) {
  return (
    <label className={classes.field}>
      {label}
      <NumberInput
        aria-label={`Ladder ${label}`}
        size="xs"
        w={62}
        min={within.least}
        max={within.most}
        decimalScale={1}
        clampBehavior="blur"
        value={value}
        onChange={(typed) => {
          const number = Number(typed);
          if (typed !== '' && number >= within.least && number !== value) onChange(number);
        }}
      />
      {unit}
    </label>
  );
}
