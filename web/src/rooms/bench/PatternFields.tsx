import { Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../../api/client';
import { useAround, useDraft, useWorked } from './BenchContext';
import { Row } from './Row';
import classes from './Controls.module.css';

/** The pattern of the line, and what only this pattern has. */
export function PatternFields() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { line } = step.document;
  const { choices } = useWorked();
  return (
    <>
      <Row
        label="Pattern"
        value={choices.pattern ?? 'cell of your own'}
        choices={catalogue.patterns.map((pattern) => ({ value: pattern.id, label: pattern.name }))}
        onChange={(pattern) => dispatch({ type: 'edit', edit: { pattern } })}
      />
      {line.pattern === 'sequence' && (
        <Numbers
          label="Cell, as notes from 1"
          field="/line/cell"
          numbers={(line.cell ?? []).map((offset) => (offset < 0 ? offset : offset + 1))}
          onNumbers={(cell) =>
            dispatch({ type: 'line', change: { cell: cell.map((note) => (note < 0 ? note : note - 1)) } })
          }
        />
      )}
      {line.pattern === 'reach' && (
        <Numbers
          label="Reaches to"
          placeholder="chord notes"
          field="/line/targets"
          numbers={line.targets ?? []}
          onNumbers={(targets) =>
            dispatch({ type: 'line', change: { targets: targets.length > 0 ? targets : undefined } })
          }
        />
      )}
      {line.pattern === 'free' && <Degrees />}
    </>
  );
}

interface NumbersProps {
  label: string;
  placeholder?: string;
  field: string;
  numbers: number[];
  onNumbers: (numbers: number[]) => void;
}

/** Numbers typed with spaces between them; what cannot be read yet is not sent. */
function Numbers({ label, placeholder, field, numbers, onNumbers }: NumbersProps) {
  const { refused } = useWorked();
  const said = numbers.join(' ');
  const [typed, setTyped] = useState<string>();
  const wrong = refused instanceof Problem && refused.pointer?.endsWith(field) ? refused.sentence : undefined;
  const change = (text: string) => {
    setTyped(text);
    const parts = text.split(/[\s,]+/).filter(Boolean);
    if (parts.every((part) => /^-?\d{1,2}$/.test(part))) onNumbers(parts.map(Number));
  };
  return (
    <TextInput
      size="xs"
      className={classes.typed}
      label={label}
      placeholder={placeholder}
      value={typed ?? said}
      maxLength={80}
      onChange={(event) => change(event.currentTarget.value)}
      onBlur={() => setTyped(undefined)}
      error={wrong}
    />
  );
}

/** Typed degrees, checked while they are typed: the place where they stop being readable is marked. */
function Degrees() {
  const { step, dispatch } = useDraft();
  const { refused } = useWorked();
  const { line } = step.document;
  const typed = line.degrees ?? '';
  const wrong =
    refused instanceof Problem && refused.pointer?.endsWith('/line/degrees') ? refused : undefined;
  const at = wrong?.position;
  return (
    <div className={classes.typed}>
      <TextInput
        size="xs"
        label="Degrees"
        aria-describedby="degrees-help"
        value={typed}
        maxLength={1000}
        spellCheck={false}
        onChange={(event) => dispatch({ type: 'line', change: { degrees: event.currentTarget.value } })}
        error={wrong?.sentence}
      />
      {at !== undefined && (
        <p className={classes.place} aria-hidden="true">
          {typed.slice(Math.max(0, at - 12), at - 1)}
          <mark>{typed[at - 1] ?? '␣'}</mark>
          {typed.slice(at, at + 10)}
        </p>
      )}
      <p id="degrees-help" className={classes.hint}>
        b3 and #4 leave the form, 1&apos; is an octave up, 5, an octave down
      </p>
      <Checkbox
        size="xs"
        label="moved through the key"
        checked={line.moved ?? false}
        onChange={(event) => dispatch({ type: 'line', change: { moved: event.currentTarget.checked } })}
      />
    </div>
  );
}
