import { TextInput } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../../api/client';
import { useSettings } from '../../api/settings';
import { useAround, useDraft, useWorked } from './BenchContext';
import { LegFields } from './LegFields';
import { Row } from './Row';
import classes from './Controls.module.css';

const OWN = 'own';
/** The figure in full: its cycle, strikes, held notes, swing, and legs. */
export function RhythmFields() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { rhythm, landing } = step.document;
  const { strikes, lengths, swings } = catalogue.amounts;
  const settings = useSettings();
  const cycle = rhythm.figure.join(' ');
  const named = catalogue.figures.map((one) => ({
    value: one.figure.join(' '),
    label: one.name,
    group: 'figures',
  }));
  const words = (settings.data?.words ?? []).map((word) => ({
    value: word.figure.join(' '),
    label: word.word,
    group: 'spoken',
  }));
  const figures = [...named, ...words].filter(
    (one, i, all) => all.findIndex((other) => other.value === one.value && other.group === one.group) === i,
  );
  const set = (change: Partial<typeof rhythm>) => dispatch({ type: 'rhythm', change });
  return (
    <>
      <Row
        label="Figure"
        value={figures.some((one) => one.value === cycle) ? cycle : OWN}
        choices={[{ value: OWN, label: rhythm.figure.length > 1 ? 'of your own' : 'even' }, ...figures]}
        onChange={(value) => value !== OWN && set({ figure: value.split(' ') })}
      />
      <Cycle />
      <Row
        label="Strikes of each note"
        value={String(rhythm.strikes)}
        choices={strikes.map((n) => ({ value: String(n), label: String(n) }))}
        onChange={(times) => set({ strikes: Number(times) })}
      />
      <Row
        label="Tonics"
        value={rhythm.tonicValue ?? ''}
        choices={[
          { value: '', label: 'as the rest' },
          ...lengths.map((value) => ({ value, label: `held for ${value}` })),
        ]}
        onChange={(value) => set({ tonicValue: value || undefined })}
      />
      <Row
        label="Last note"
        value={rhythm.lastValue ?? ''}
        choices={[
          { value: '', label: 'as the rest' },
          { value: 'fill', label: 'fills its bar' },
          ...lengths.map((value) => ({ value, label: `held for ${value}` })),
        ]}
        onChange={(value) => set({ lastValue: value || undefined })}
      />
      <Row
        label="Swing"
        value={rhythm.swing ?? swings[0]!}
        choices={swings.map((value, i) => ({ value, label: i === 0 ? 'straight' : value }))}
        onChange={(value) => set({ swing: value === swings[0] ? undefined : value })}
      />
      <LegFields />
      <Row
        label="Arrives with"
        value={landing.note ?? 'last'}
        choices={catalogue.arriving.map((one) => ({ value: one.id, label: one.name }))}
        onChange={(note) =>
          dispatch({ type: 'landing', landing: { ...landing, note: note === 'last' ? undefined : note } })
        }
      />
    </>
  );
}

/** The cycle as values, for a figure of one's own. */
function Cycle() {
  const { step, dispatch } = useDraft();
  const { refused } = useWorked();
  const said = step.document.rhythm.figure.join(' ');
  const [typed, setTyped] = useState<string>();
  const wrong =
    refused instanceof Problem && refused.pointer?.includes('/rhythm/figure') ? refused.sentence : undefined;
  const change = (text: string) => {
    setTyped(text);
    const values = text.split(/[\s,]+/).filter(Boolean);
    if (values.length > 0 && values.every((value) => /^r?\d+(\/\d+)?$/.test(value) && !value.endsWith('/0')))
      dispatch({ type: 'rhythm', change: { figure: values } });
  };
  return (
    <TextInput
      size="xs"
      className={classes.typed}
      label="Cycle of values, r for a rest"
      value={typed ?? said}
      maxLength={200}
      spellCheck={false}
      onChange={(event) => change(event.currentTarget.value)}
      onBlur={() => setTyped(undefined)}
      error={wrong}
    />
  );
}
