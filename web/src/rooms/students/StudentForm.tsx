import { useBounds } from '../../core/useBounds';
import { Autocomplete, Group, NativeSelect, NumberInput, Select, Textarea, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useState } from 'react';
import { useInstruments } from '../../api/instruments';
import { useCatalogue } from '../../core/useCatalogue';
import { classesOf, useEverybody, useKeepStudent, useTouched } from '../../api/students';
import type { Instrument, Level, PlayersHand, Student, StudentRequest, Touched } from '../../api/types';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import { oneOf } from '../../ui/Choose';
import { never } from '../../never';
import { WEEKDAYS } from '../../ui/words';
import { HandFields } from './HandFields';
import { instrumentChoices } from './instruments';
import { TouchedDialog } from './TouchedDialog';
import { rangeSigns } from '../../ui/signs';

interface Props {
  opened: boolean;
  onClose: () => void;
  /** The student to change; a new one without. */
  student?: Student;
}

interface Then {
  onSuccess: (student: Student) => void;
  onError: (error: Error) => void;
}
type Body = StudentRequest & { id?: number };

const SAID = ['name', 'range', 'referencePitch', 'minutesADay', 'className'];
const ISO_16 = '440';

/** Adds a student, or changes name, instrument and range. */
export function StudentForm(props: Props) {
  return (
    <FormDialog
      opened={props.opened}
      onClose={props.onClose}
      title={props.student ? 'Change the student' : 'A new student'}
    >
      <Fields {...props} />
    </FormDialog>
  );
}

/** The range of a level of an instrument. */
function rangeOf(instrument: Instrument | undefined, level: Level): string {
  if (!instrument) return '';
  switch (level) {
    case 'first-octave':
      return instrument.firstOctave;
    case 'comfortable':
      return instrument.comfortable;
    case 'full':
      return instrument.full;
    default:
      return never(level);
  }
}

function Fields({ onClose, student }: Props) {
  const catalogue = useCatalogue();
  const instruments = useInstruments();
  const everybody = useEverybody();
  const keep = useKeepStudent();
  const touched = useTouched();
  const [asked, setAsked] = useState<{ body: Body; touched: Touched[] }>();
  const form = useForm({
    initialValues: {
      name: student?.name ?? '',
      instrument: student?.instrument.id ?? 'oboe',
      level: student?.level ?? ('full' as Level),
      range: student?.instrument.ownRange ? student.instrument.range : '',
      referencePitch: student ? String(student.instrument.referencePitch) : ISO_16,
      minutesADay: student?.minutesADay ?? undefined,
      lessonDay: student?.lesson.day ?? 0,
      lessonTime: student?.lesson.time?.slice(0, 5) ?? '',
      className: student?.className ?? '',
      parentNote: student?.parentNote ?? '',
      hand: (student?.hand ?? {}) as PlayersHand,
    },
  });
  const classes = classesOf(everybody.data ?? []);
  const chosen = instruments.data?.find((one) => one.id === form.values.instrument);
  const levels = (catalogue.data?.levels ?? []).map((one) => ({
    value: one.id,
    label: `${one.name}, ${rangeSigns(rangeOf(chosen, one.id))}`,
  }));
  // What a change would leave without its notes is told before it is made.
  const sending = {
    isPending: touched.isPending || keep.isPending,
    error: touched.error ?? keep.error,
    mutate: (body: Body, then: Then) => {
      const { id } = body;
      if (id === undefined) return keep.mutate(body, then);
      return touched.mutate(
        { ...body, id },
        {
          onSuccess: (found) =>
            found.length > 0 ? setAsked({ body, touched: found }) : keep.mutate(body, then),
          onError: (error) => then.onError(error),
        },
      );
    },
  };
  return (
    <>
      {asked && (
        <TouchedDialog
          touched={asked.touched}
          onSave={() => keep.mutateAsync(asked.body)}
          onDone={onClose}
          onClose={() => setAsked(undefined)}
        />
      )}
      <DialogForm
        form={form}
        sending={sending}
        body={({ range, referencePitch, lessonDay, lessonTime, ...others }) => ({
          id: student?.id,
          version: student?.version,
          ...others,
          range: range.trim(),
          referencePitch: Number(referencePitch.replace(',', '.')) || undefined,
          lessonDay: lessonDay || undefined,
          lessonTime: lessonTime || undefined,
        })}
        onDone={onClose}
        onClose={onClose}
        leave="Leave it"
        go={student ? 'Save' : 'Add'}
        said={SAID}
      >
        <Group grow align="start">
          <TextInput label="Name" required data-autofocus {...form.getInputProps('name')} />
          <Autocomplete label="Class" maxLength={60} data={classes} {...form.getInputProps('className')} />
        </Group>
        <Select
          label="Instrument"
          searchable
          allowDeselect={false}
          maxDropdownHeight={260}
          nothingFoundMessage="No instrument goes by that name. Add it under Students, Instruments."
          value={form.values.instrument}
          onChange={(id) => {
            if (!id || id === form.values.instrument) return;
            // Another instrument is another hand.
            form.setValues({ instrument: id, hand: {} });
          }}
          data={instrumentChoices(instruments.data ?? [], student?.instrument.id)}
        />
        <NativeSelect
          label="How far they play"
          value={form.values.level}
          onChange={(event) =>
            form.setFieldValue('level', (now) => oneOf(levels, event.currentTarget.value) ?? now)
          }
          data={levels}
        />
        <TextInput
          label="Their own range, as written"
          description="Leave it empty to take the range above. It can grow note by note."
          placeholder={rangeOf(chosen, form.values.level)}
          maxLength={20}
          {...form.getInputProps('range')}
        />
        {chosen?.hand && (
          <HandFields
            key={chosen.id}
            offer={chosen.hand}
            hand={form.values.hand}
            onChange={(hand) => form.setFieldValue('hand', hand)}
          />
        )}
        <Group grow align="start">
          <NumberInput
            label="Minutes a day"
            description="Today’s list keeps to it."
            {...useBounds('studentMinutes')}
            {...form.getInputProps('minutesADay')}
            value={form.values.minutesADay ?? ''}
            onChange={(value) => form.setFieldValue('minutesADay', value === '' ? undefined : Number(value))}
          />
          <TextInput
            label="Tunes to, A in Hz"
            description="415 to 466"
            inputMode="decimal"
            maxLength={6}
            {...form.getInputProps('referencePitch')}
          />
        </Group>
        <Group grow align="start">
          <NativeSelect
            label="Lesson on"
            value={form.values.lessonDay}
            onChange={(event) => form.setFieldValue('lessonDay', Number(event.currentTarget.value))}
            data={[
              { value: '0', label: 'no fixed day' },
              ...WEEKDAYS.map((day, i) => ({ value: String(i + 1), label: day })),
            ]}
          />
          <TextInput
            label="at"
            type="time"
            disabled={!form.values.lessonDay}
            {...form.getInputProps('lessonTime')}
          />
        </Group>
        <Textarea
          label="The parents’ note"
          autosize
          minRows={1}
          maxRows={4}
          maxLength={1000}
          {...form.getInputProps('parentNote')}
        />
      </DialogForm>
    </>
  );
}
