import { Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../../../api/client';
import type { CompanyPart } from '../../../api/types';
import { useAround, useDraft, useWorked } from '../BenchContext';
import { Row } from '../Row';
import { Pill } from './Pill';
import classes from './beside.module.css';

const NONE = '';

/** The harmony beside the line: which chords, how they are played, and a bass. */
export function OverPill() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { company } = step.document;
  const set = (change: Partial<CompanyPart>) => {
    const next = { ...company, ...change };
    const empty = !next.chords && !next.bass && !next.symbols;
    dispatch({ type: 'company', company: empty ? undefined : next });
  };
  const styles = catalogue.chords.map((one) => ({ value: one.id, label: one.name }));
  const chords = styles.find((one) => one.value === company?.chords);
  const parts = [chords?.label, company?.bass && 'bass'].filter(Boolean);
  const label = parts.length > 0 ? parts.join(' and ') : company?.symbols ? 'typed chords' : 'no chords';
  return (
    <Pill before="over" label={label} name={`Harmony: ${label}`} there={company != null}>
      {() => (
        <div className={classes.editor}>
          <Row
            label="Chords"
            value={chords?.value ?? NONE}
            choices={[{ value: NONE, label: 'no chords' }, ...styles]}
            onChange={(value) => set({ chords: value === NONE ? undefined : value })}
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
