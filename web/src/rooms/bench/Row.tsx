import { useId } from 'react';
import classes from './Controls.module.css';

export interface Choice {
  value: string;
  label: string;
  /** The heading under which it stands. */
  group?: string;
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
        {groups(choices).map(([group, members]) =>
          group === undefined ? (
            members.map(option)
          ) : (
            <optgroup key={group} label={group}>
              {members.map(option)}
            </optgroup>
          ),
        )}
      </select>
    </div>
  );
}

function option(choice: Choice) {
  return (
    <option key={choice.value} value={choice.value}>
      {choice.label}
    </option>
  );
}

/** The choices under their headings, in the order in which they come. */
function groups(choices: Choice[]): [string | undefined, Choice[]][] {
  const all = new Map<string | undefined, Choice[]>();
  choices.forEach((choice) => all.set(choice.group, [...(all.get(choice.group) ?? []), choice]));
  return [...all];
}
