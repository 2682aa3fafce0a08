import { useId } from 'react';
import { Choose, type Choice } from '../../ui/Choose';
import classes from './Controls.module.css';

export type { Choice };

interface Props<V extends string> {
  label: string;
  value: V;
  choices: readonly Choice<V>[];
  /** What is said of a value that is none of the choices. */
  other?: string;
  onChange: (value: V) => void;
}

/** A control of the bench: what it is on the left, what it is set to on the right. */
export function Row<V extends string>({ label, ...choose }: Props<V>) {
  const id = useId();
  return (
    <div className={classes.row}>
      <label htmlFor={id}>{label}</label>
      <Choose id={id} {...choose} />
    </div>
  );
}
