import { Button, Checkbox, Group, Modal, NativeSelect, TextInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { Problem } from '../../api/client';
import { useKeepInstrument } from '../../api/instruments';
import { useCatalogue } from '../../api/passages';
import type { Instrument } from '../../api/types';
import { Wrong } from '../../ui/Wrong';

interface Props {
  opened: boolean;
  onClose: () => void;
  /** The instrument whose values are shown at first. */
  from?: Instrument;
  /** Whether that one is changed; else a new one is made. */
  change: boolean;
}

/** Adds an instrument to the studio, or changes one of its own. */
export function InstrumentForm(props: Props) {
  return (
    <Modal
      opened={props.opened}
      onClose={props.onClose}
      title={props.change ? 'Change the instrument' : 'An instrument of your own'}
      centered
    >
      <Fields {...props} />
    </Modal>
  );
}

const CLEF_NAMES: Record<string, string> = {
  'treble-8vb': 'treble, an octave down',
  'treble-8va': 'treble, an octave up',
  'bass-8vb': 'bass, an octave down',
};
const FIELDS = ['/name', '/sounds', '/clefs', '/firstOctave', '/comfortable', '/full'];

function Fields({ onClose, from, change }: Props) {
  const catalogue = useCatalogue();
  const keep = useKeepInstrument();
  const [form, setForm] = useState({
    name: from ? (change ? from.name : `${from.name}, ours`) : '',
    family: from?.family ?? 'woodwind',
    sounds: from?.sounds ?? 'C4',
    clefs: from?.clefs ?? ['treble'],
    firstOctave: from?.firstOctave ?? '',
    comfortable: from?.comfortable ?? '',
    full: from?.full ?? '',
  });
  const set = (part: Partial<typeof form>) => setForm({ ...form, ...part });
  const wrong = keep.error instanceof Problem ? keep.error : undefined;
  const wrongAt = (field: string) => (wrong?.pointer === field ? wrong.sentence : undefined);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (keep.isPending) return;
    keep.mutate({ id: change ? (from?.ownId ?? undefined) : undefined, body: form }, { onSuccess: onClose });
  };
  const text = (
    field: 'name' | 'sounds' | 'firstOctave' | 'comfortable' | 'full',
    label: string,
    hint?: string,
  ) => (
    <TextInput
      label={label}
      required
      placeholder={hint}
      value={form[field]}
      maxLength={field === 'name' ? 80 : 20}
      onChange={(event) => set({ [field]: event.currentTarget.value })}
      error={wrongAt(`/${field}`)}
    />
  );
  return (
    <form onSubmit={submit} style={{ display: 'grid', gap: 12 }}>
      {text('name', 'Name')}
      <Group grow align="flex-start">
        <NativeSelect
          label="Family"
          value={form.family}
          onChange={(event) => set({ family: event.currentTarget.value })}
          data={catalogue.data?.families ?? [form.family]}
        />
        {text('sounds', 'A written C4 sounds', 'C4')}
      </Group>
      <Checkbox.Group
        label="Clefs it reads"
        value={form.clefs}
        onChange={(clefs) => set({ clefs })}
        error={wrongAt('/clefs')}
      >
        <Group gap="xs" pt={4}>
          {(catalogue.data?.clefs ?? []).map((clef) => (
            <Checkbox key={clef} value={clef} label={CLEF_NAMES[clef] ?? clef} size="xs" />
          ))}
        </Group>
      </Checkbox.Group>
      <Group grow align="flex-start">
        {text('firstOctave', 'First octave', 'D4-G5')}
        {text('comfortable', 'Comfortable', 'B3-D6')}
        {text('full', 'Full', 'B3-A6')}
      </Group>
      {keep.isError && !FIELDS.includes(wrong?.pointer ?? '') && <Wrong error={keep.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Leave it
        </Button>
        <Button type="submit" loading={keep.isPending}>
          {change ? 'Save' : 'Add'}
        </Button>
      </Group>
    </form>
  );
}
