import { Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../../../api/client';
import type { CompanyPart } from '../../../api/types';
import { useDraft, useWorked } from '../BenchContext';
import { Row } from '../Row';
import { Pill } from './Pill';
import classes from './beside.module.css';

const CHORDS = [
  { value: '', label: 'no chords' },
  { value: 'pad', label: 'held chords' },
  { value: 'broken', label: 'broken chords' },
  { value: 'comped', label: 'chords on 2 and 4' },
] as const;

/** The harmony beside the line: which chords, how they are played, and a bass. */
export function OverPill() {
  const { step, dispatch } = useDraft();
  const { company } = step.document;
  const set = (change: Partial<CompanyPart>) => {
    const next = { ...company, ...change };
    const empty = !next.chords && !next.bass && !next.symbols;
    dispatch({ type: 'company', company: empty ? undefined : next });
  };
  const chords = CHORDS.find((one) => one.value === (company?.chords ?? ''))!;
  const parts = [company?.chords && chords.label, company?.bass && 'bass'].filter(Boolean);
  const label = parts.length > 0 ? parts.join(' and ') : company?.symbols ? 'typed chords' : 'no chords';
  return (
    <Pill before="over" label={label} name={`Harmony: ${label}`} there={company != null}>
      {() => (
        <div className={classes.editor}>
          <Row
            label="Chords"
            value={chords.value}
            choices={CHORDS}
            onChange={(value) => set({ chords: value === '' ? undefined : value })}
          />
          <Checkbox
            size="sm"
            label="A bass of roots and fifths"
            checked={company?.bass === true}
            onChange={(event) => set({ bass: event.currentTarget.checked ? true : undefined })}
          />
          <Symbols text={company?.symbols ?? ''} onText={(symbols) => set({ symbols })} />
        </div>
      )}
    </Pill>
  );
}

/** Chords as they are typed; without any, those of the keys sound. */
function Symbols({ text, onText }: { text: string; onText: (symbols: string | undefined) => void }) {
  const { refused, passage } = useWorked();
  const [typed, setTyped] = useState(text);
  const wrong =
    refused instanceof Problem && refused.pointer?.includes('symbols') ? refused.message : undefined;
  return (
    <TextInput
      size="sm"
      label="Chords of its own"
      placeholder="Dm7 | G7 | C %"
      value={typed}
      error={wrong}
      description={passage?.againstChords}
      inputWrapperOrder={['label', 'input', 'description', 'error']}
      onChange={(event) => {
        const value = event.currentTarget.value;
        setTyped(value);
        onText(value.trim() === '' ? undefined : value);
      }}
    />
  );
}
