import { useState } from 'react';
import type { Climb } from '../../../api/types';
import { useValueName } from '../../../ui/useValueName';
import { useAround, useDraft } from '../BenchContext';
import { Row } from '../Row';
import { Section } from '../Section';
import { WhatIf } from './WhatIf';
import classes from '../Controls.module.css';

const choices = (numbers: number[], words: (n: number) => string) =>
  numbers.map((n) => ({ value: String(n), label: words(n) }));
const RATES = [
  { value: 'same-rate', label: 'the rate of notes' },
  { value: 'same-beat', label: 'the beat' },
] as const;

/** Beside the climb: what would be if, and its rules. */
export function ClimbControls() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const nameOf = useValueName();
  const called = (value: string) => catalogue.values.filter((one) => one.value === value).map(nameOf)[0];
  const [long, short] = [called('1/4'), called('1/8')];
  const [open, setOpen] = useState<string | undefined>('What if');
  const { climb } = step;
  const { rules } = climb;
  const { climbing } = catalogue.amounts;
  const set = (change: Partial<Climb>) => dispatch({ type: 'climb', climb: { ...climb, ...change } });
  const section = (title: string) => ({
    title,
    open: open === title,
    onToggle: () => setOpen(open === title ? undefined : title),
  });
  return (
    <aside className={classes.controls} aria-label="What if, and the rules of the climb">
      <Section {...section('What if')} summary="more minutes, other steps, another day">
        <WhatIf />
      </Section>
      <Section
        {...section('Rules')}
        summary={`${rules.clean} clean in a row, at most ${rules.rungsADay} rungs a day`}
      >
        <Row
          label="Passed after"
          value={String(rules.clean)}
          choices={choices(climbing.clean, (n) => (n === 1 ? '1 clean' : `${n} clean in a row`))}
          onChange={(clean) => set({ rules: { ...rules, clean: Number(clean) } })}
        />
        <Row
          label="One back after"
          value={String(rules.misses)}
          choices={choices(climbing.misses, (n) => `${n} not clean`)}
          onChange={(misses) => set({ rules: { ...rules, misses: Number(misses) } })}
        />
        <Row
          label="At most"
          value={String(rules.rungsADay)}
          choices={choices(climbing.rungsADay, (n) => (n === 1 ? '1 rung a day' : `${n} rungs a day`))}
          onChange={(rungs) => set({ rules: { ...rules, rungsADay: Number(rungs) } })}
        />
        <Row
          label="Repetitions a day"
          value={String(climb.repetitions)}
          choices={choices(climbing.repetitions, String)}
          onChange={(repetitions) => set({ repetitions: Number(repetitions) })}
        />
      </Section>
      <Section
        {...section('Starting again')}
        summary={`${climb.rate === 'same-rate' ? 'same rate' : 'same beat'}, at ${climb.restart} %`}
      >
        <Row
          label="Shorter values keep"
          value={climb.rate}
          choices={RATES}
          onChange={(rate) => set({ rate })}
        />
        <Row
          label="Tempo again from"
          value={String(climb.restart)}
          choices={choices(climbing.restarts, (n) => `${n} % of it`)}
          onChange={(restart) => set({ restart: Number(restart) })}
        />
        <p className={classes.hint}>
          {climb.rate === 'same-rate'
            ? `From ${long} at 120 to ${short} at 60: the hands move as before.`
            : `From ${long} at 120 to ${short} at 120: the beat stays, the hands double.`}
        </p>
      </Section>
    </aside>
  );
}
