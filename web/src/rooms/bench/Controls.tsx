import { useSaid } from './useSaid';
import { IconSearch } from '@tabler/icons-react';
import { useState } from 'react';
import { ArticulationFields } from './ArticulationFields';
import { useAround, useDraft, useWorked } from './BenchContext';
import { ClickFields } from './ClickFields';
import { PatternFields } from './PatternFields';
import { rangeChoices, rangeId, rangeOf } from './ranges';
import { RhythmFields } from './RhythmFields';
import { Row, type Choice } from './Row';
import { Section } from './Section';
import { signs } from '../../ui/signs';
import classes from './Controls.module.css';

const TURNS = [
  { value: 'single', label: 'struck once' },
  { value: 'double', label: 'struck twice' },
] as const;
const NAMED = [
  { value: 'concert', label: 'concert' },
  { value: 'written', label: 'written' },
] as const;
const plain = (values: (string | number)[]): Choice[] =>
  values.map((value) => ({ value: String(value), label: String(value) }));

/** Everything a step is made of, each thing beside what it is set to. */
export function Controls({ onFind }: { onFind: () => void }) {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const [open, setOpen] = useState<string | undefined>('Material');
  const section = (title: string) => ({
    title,
    open: open === title,
    onToggle: () => setOpen(open === title ? undefined : title),
  });
  const { key, line, metronome } = step.document;
  const { choices } = useWorked();
  const said = useSaid(step.document);
  return (
    <aside className={classes.controls} aria-label="What the step is made of">
      <Section {...section('Material')} summary={said?.material}>
        <button type="button" className={classes.find} onClick={onFind}>
          <IconSearch size={15} aria-hidden="true" /> Find a form or a pattern <kbd>F</kbd>
        </button>
        <Row
          label="Key"
          value={key.tonic}
          choices={catalogue.tonics.map((tonic) => ({ value: tonic, label: signs(tonic) }))}
          onChange={(tonic) => dispatch({ type: 'key', change: { tonic } })}
        />
        <Row
          label="Form"
          value={key.form}
          choices={catalogue.forms.map((one) => ({ value: one.id, label: one.name, group: one.family }))}
          onChange={(id) => dispatch({ type: 'edit', edit: { form: id } })}
        />
        <Row
          label="Key named"
          value={key.named}
          choices={NAMED}
          onChange={(named) => dispatch({ type: 'key', change: { named } })}
        />
        <PatternFields />
        <Row
          label="Range"
          value={rangeId(line)}
          choices={rangeChoices(catalogue)}
          onChange={(value) => dispatch({ type: 'line', change: rangeOf(catalogue, value) })}
        />
        <Row
          label={choices.inversions ? 'From (inversion)' : 'From note'}
          value={String(line.from)}
          choices={plain(choices.from)}
          onChange={(from) => dispatch({ type: 'line', change: { from: Number(from) } })}
        />
        <Row
          label="Travel"
          value={line.travel}
          choices={catalogue.travels.map((one) => ({ value: one.id, label: one.name }))}
          onChange={(travel) => dispatch({ type: 'line', change: { travel } })}
        />
        {choices.turns && (
          <Row
            label="Turning note"
            value={line.turn}
            choices={TURNS}
            onChange={(turn) => dispatch({ type: 'line', change: { turn } })}
          />
        )}
      </Section>
      <Section {...section('Rhythm')} summary={said?.rhythm}>
        <RhythmFields />
      </Section>
      <Section {...section('Click')} summary={said?.click}>
        <ClickFields />
        <Row
          label="Count-in"
          value={String(metronome.countInBars)}
          choices={catalogue.amounts.countIns.map((n) => ({
            value: String(n),
            label: n === 0 ? 'none' : n === 1 ? '1 bar' : `${n} bars`,
          }))}
          onChange={(bars) => dispatch({ type: 'metronome', change: { countInBars: Number(bars) } })}
        />
        <Row
          label="Accent"
          value={metronome.accent ? 'one' : 'none'}
          choices={[
            { value: 'one', label: 'on beat 1' },
            { value: 'none', label: 'none' },
          ]}
          onChange={(accent) => dispatch({ type: 'metronome', change: { accent: accent === 'one' } })}
        />
      </Section>
      <Section {...section('Articulation')} summary={said?.articulation}>
        <ArticulationFields />
      </Section>
    </aside>
  );
}
