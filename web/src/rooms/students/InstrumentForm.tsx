import { Checkbox, Group, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useInstruments, useKeepInstrument } from '../../api/instruments';
import { useCatalogue } from '../../core/useCatalogue';
import type { Instrument } from '../../api/types';
import { DialogForm, FormDialog } from '../../ui/FormDialog';

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
    <FormDialog
      opened={props.opened}
      onClose={props.onClose}
      title={props.change ? 'Change the instrument' : 'An instrument of your own'}
    >
      <Fields {...props} />
    </FormDialog>
  );
}

const CLEF_NAMES: Record<string, string> = {
  'treble-8vb': 'treble, an octave down',
  'treble-8va': 'treble, an octave up',
  'bass-8vb': 'bass, an octave down',
};
const SAID = ['name', 'sounds', 'clefs', 'firstOctave', 'comfortable', 'full'];

function Fields({ onClose, from, change }: Props) {
  const catalogue = useCatalogue();
  const keep = useKeepInstrument();
  const instruments = useInstruments();
  const known = (instruments.data ?? [])
    .filter((one) => one.ownId == null && one.hand)
    .map((one) => ({ value: one.id, label: one.name }));
  const form = useForm({
    initialValues: {
      name: from ? (change ? from.name : `${from.name}, ours`) : '',
      family: from?.family ?? 'woodwind',
      sounds: from?.sounds ?? 'C4',
      clefs: from?.clefs ?? ['treble'],
      firstOctave: from?.firstOctave ?? '',
      comfortable: from?.comfortable ?? '',
      full: from?.full ?? '',
      // What is made from one that everybody has is fingered like it.
      fingeredLike: from?.fingeredLike ?? (from?.ownId === undefined ? (from?.id ?? '') : ''),
    },
  });
  const text = (
    field: 'name' | 'sounds' | 'firstOctave' | 'comfortable' | 'full',
    label: string,
    hint?: string,
  ) => (
    <TextInput
      label={label}
      required
      placeholder={hint}
      maxLength={field === 'name' ? 80 : 20}
      {...form.getInputProps(field)}
    />
  );
  return (
    <DialogForm
      form={form}
      sending={keep}
      body={({ fingeredLike, ...others }) => ({
        id: change ? (from?.ownId ?? undefined) : undefined,
        body: { ...others, fingeredLike: fingeredLike || undefined },
      })}
      onDone={onClose}
      onClose={onClose}
      leave="Leave it"
      go={change ? 'Save' : 'Add'}
      said={SAID}
    >
      {text('name', 'Name')}
      <Group grow align="flex-start">
        <NativeSelect
          label="Family"
          data={catalogue.data?.families ?? [form.values.family]}
          {...form.getInputProps('family')}
        />
        {text('sounds', 'A written C4 sounds', 'C4')}
      </Group>
      <Checkbox.Group label="Clefs it reads" {...form.getInputProps('clefs')}>
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
      <NativeSelect
        label="Fingered like"
        description="It borrows the hand of an instrument that is known."
        data={[{ value: '', label: 'nothing known' }, ...known]}
        {...form.getInputProps('fingeredLike')}
      />
    </DialogForm>
  );
}
