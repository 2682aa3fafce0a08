import {
  Autocomplete,
  Button,
  Group,
  Modal,
  NativeSelect,
  NumberInput,
  Select,
  Textarea,
  TextInput,
} from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { Problem } from '../../api/client';
import { useInstruments } from '../../api/instruments';
import { useCatalogue } from '../../api/passages';
import { classesOf, useEverybody, useKeepStudent } from '../../api/students';
import type { Instrument, Level, Student } from '../../api/types';
import { oneOf } from '../../ui/Choose';
import { never } from '../../never';
import { notes } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import { instrumentChoices } from './instruments';

interface Props {
  opened: boolean;
  onClose: () => void;
  /** The student to change; a new one without. */
  student?: Student;
}

const FIELDS = ['/name', '/range', '/referencePitch', '/minutesADay', '/className'];
const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const ISO_16 = '440';

/** Adds a student, or changes name, instrument and range. */
export function StudentForm(props: Props) {
  return (
    <Modal
      opened={props.opened}
      onClose={props.onClose}
      title={props.student ? 'Change the student' : 'A new student'}
      centered
    >
      <Fields {...props} />
    </Modal>
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
  const [name, setName] = useState(student?.name ?? '');
  const [instrument, setInstrument] = useState(student?.instrument.id ?? 'oboe');
  const [level, setLevel] = useState<Level>(student?.level ?? 'full');
  const [range, setRange] = useState(student?.instrument.ownRange ? student.instrument.range : '');
  const [reference, setReference] = useState(student ? String(student.instrument.referencePitch) : ISO_16);
  const [minutes, setMinutes] = useState(student?.minutesADay ?? undefined);
  const [lessonDay, setLessonDay] = useState(student?.lesson.day ?? 0);
  const [lessonTime, setLessonTime] = useState(student?.lesson.time?.slice(0, 5) ?? '');
  const [className, setClassName] = useState(student?.className ?? '');
  const [parentNote, setParentNote] = useState(student?.parentNote ?? '');
  const wrong = keep.error instanceof Problem ? keep.error : undefined;
  const wrongAt = (field: string) => (wrong?.pointer === field ? wrong.sentence : undefined);
  const classes = classesOf(everybody.data ?? []);
  const chosen = instruments.data?.find((one) => one.id === instrument);
  const levels = (catalogue.data?.levels ?? []).map((one) => ({
    value: one.id,
    label: `${one.name}, ${notes(rangeOf(chosen, one.id))}`,
  }));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (keep.isPending) return;
    const referencePitch = Number(reference.replace(',', '.')) || undefined;
    keep.mutate(
      {
        id: student?.id,
        name,
        instrument,
        level,
        range: range.trim(),
        referencePitch,
        minutesADay: minutes,
        lessonDay: lessonDay || undefined,
        lessonTime: lessonTime || undefined,
        parentNote,
        className,
      },
      { onSuccess: onClose },
    );
  };
  return (
    <form onSubmit={submit} style={{ display: 'grid', gap: 14 }}>
      <Group grow align="start">
        <TextInput
          label="Name"
          required
          data-autofocus
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
          error={wrongAt('/name')}
        />
        <Autocomplete
          label="Class"
          maxLength={60}
          data={classes}
          value={className}
          onChange={setClassName}
          error={wrongAt('/className')}
        />
      </Group>
      <Select
        label="Instrument"
        searchable
        allowDeselect={false}
        maxDropdownHeight={260}
        nothingFoundMessage="No instrument goes by that name. Add it under Students, Instruments."
        value={instrument}
        onChange={(id) => id && setInstrument(id)}
        data={instrumentChoices(instruments.data ?? [], student?.instrument.id)}
      />
      <NativeSelect
        label="How far they play"
        value={level}
        onChange={(event) => setLevel(oneOf(levels, event.currentTarget.value) ?? level)}
        data={levels}
      />
      <TextInput
        label="Their own range, as written"
        description="Leave it empty to take the range above. It can grow note by note."
        placeholder={notes(rangeOf(chosen, level))}
        value={range}
        maxLength={20}
        onChange={(event) => setRange(event.currentTarget.value)}
        error={wrongAt('/range')}
      />
      <Group grow align="start">
        <NumberInput
          label="Minutes a day"
          description="Today’s list keeps to it."
          min={5}
          max={600}
          value={minutes ?? ''}
          onChange={(value) => setMinutes(value === '' ? undefined : Number(value))}
          error={wrongAt('/minutesADay')}
        />
        <TextInput
          label="Tunes to, A in Hz"
          description="415 to 466"
          inputMode="decimal"
          value={reference}
          maxLength={6}
          onChange={(event) => setReference(event.currentTarget.value)}
          error={wrongAt('/referencePitch')}
        />
      </Group>
      <Group grow align="start">
        <NativeSelect
          label="Lesson on"
          value={lessonDay}
          onChange={(event) => setLessonDay(Number(event.currentTarget.value))}
          data={[
            { value: '0', label: 'no fixed day' },
            ...DAYS.map((day, i) => ({ value: String(i + 1), label: day })),
          ]}
        />
        <TextInput
          label="at"
          type="time"
          disabled={!lessonDay}
          value={lessonTime}
          onChange={(event) => setLessonTime(event.currentTarget.value)}
        />
      </Group>
      <Textarea
        label="The parents’ note"
        autosize
        minRows={1}
        maxRows={4}
        maxLength={1000}
        value={parentNote}
        onChange={(event) => setParentNote(event.currentTarget.value)}
      />
      {keep.isError && !FIELDS.includes(wrong?.pointer ?? '') && <Wrong error={keep.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Leave it
        </Button>
        <Button type="submit" loading={keep.isPending}>
          {student ? 'Save' : 'Add'}
        </Button>
      </Group>
    </form>
  );
}
