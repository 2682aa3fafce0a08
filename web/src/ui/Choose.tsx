export interface Choice<V extends string = string> {
  value: V;
  label: string;
  /** The heading under which it stands. */
  group?: string;
}

interface Props<V extends string> {
  id?: string;
  /** What it is called, where no label stands beside it. */
  label?: string;
  value: V | undefined;
  choices: readonly Choice<V>[];
  /** What is said of a value that is none of the choices. */
  other?: string;
  onChange: (value: V) => void;
}

/** One of a closed set, in the browser's own control: what is chosen is one of the choices, and typed as one. */
export function Choose<V extends string>({ id, label, value, choices, other, onChange }: Props<V>) {
  const known = value === undefined || choices.some((one) => one.value === value);
  return (
    <select
      id={id}
      aria-label={label}
      value={value}
      onChange={(event) => {
        const chosen = oneOf(choices, event.currentTarget.value);
        if (chosen !== undefined) onChange(chosen);
      }}
    >
      {!known && <option value={value}>{other ?? value}</option>}
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
function groups(choices: readonly Choice[]): [string | undefined, Choice[]][] {
  const all = new Map<string | undefined, Choice[]>();
  choices.forEach((choice) => all.set(choice.group, [...(all.get(choice.group) ?? []), choice]));
  return [...all];
}

/** The member of a closed set that a control has given back as text. */
export function oneOf<V extends string>(
  choices: readonly { value: V }[],
  text: string | null,
): V | undefined {
  return choices.find((one) => one.value === text)?.value;
}
