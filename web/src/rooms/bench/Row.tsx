import { useId } from 'react';
import classes from './Controls.module.css';

export interface Choice {
  value: string;
  label: string;
}

interface Props {
  label: string;
  value: string;
  choices: Choice[];
  onChange: (value: string) => void;
}

/** A control of the bench: what it is on the left, what it is set to on the right. */
export function Row({ label, value, choices, onChange }: Props) {
  const id = useId();
  return (
    <div className={classes.row}>
      <label htmlFor={id}>{label}</label>
      <select id={id} value={value} onChange={(event) => onChange(event.currentTarget.value)}>
        {!choices.some((choice) => choice.value === value) && <option value={value}>{value}</option>}
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
      </select>
    </div>
  );
}
