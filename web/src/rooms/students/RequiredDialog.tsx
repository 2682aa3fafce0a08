import { Button, Group, Modal, NumberInput, Select, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState, type FormEvent } from 'react';
import { useAddRequired, useReadRequired } from '../../api/lists';
import { useCatalogue } from '../../api/passages';
import { CsvField } from '../../ui/CsvField';
import { useValueName } from '../../ui/useValueName';
import { isoDay, notes } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import classes from '../../parts/goals/Required.module.css';

/** The values in which scales are asked for, as fractions of a whole note. */
const VALUES = ['1/2', '1/4', '1/8', '1/12', '1/16'];
const QUARTER = '1/4';
const THREE_MONTHS = 90;

/** Adds required scales: one by hand, or a list from a file. */
export function RequiredDialog({ studentId, onClose }: { studentId: number; onClose: () => void }) {
  const [list, setList] = useState(false);
  return (
    <Modal opened onClose={onClose} title="Goals" centered size="lg">
      {list ? (
        <ListOf studentId={studentId} onClose={onClose} />
      ) : (
        <OneScale studentId={studentId} onClose={onClose} />
      )}
      <Button variant="subtle" size="compact-sm" mt="sm" onClick={() => setList(!list)}>
        {list ? 'One scale by hand instead' : 'Read a whole list instead'}
      </Button>
    </Modal>
  );
}

interface Props {
  studentId: number;
  onClose: () => void;
}

function OneScale({ studentId, onClose }: Props) {
  const catalogue = useCatalogue();
  const add = useAddRequired(studentId);
  const nameOf = useValueName();
  const values = (catalogue.data?.values ?? []).filter((one) => VALUES.includes(one.value));
  const quarters = values.filter((one) => one.value === QUARTER).map(nameOf)[0] ?? 'beats';
  const [tonic, setTonic] = useState('C');
  const [form, setForm] = useState('major');
  const [octaves, setOctaves] = useState(1);
  const [value, setValue] = useState('1/8');
  const [bpm, setBpm] = useState(80);
  const [date, setDate] = useState(isoDay(THREE_MONTHS));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    add.mutate({ tonic, form, octaves, value, bpm, date }, { onSuccess: onClose });
  };
  return (
    <form onSubmit={submit} style={{ display: 'grid', gap: 12 }}>
      <Group grow align="start">
        <Select
          label="Key, as written"
          allowDeselect={false}
          searchable
          data={(catalogue.data?.tonics ?? []).map((one) => ({ value: one, label: notes(one) }))}
          value={tonic}
          onChange={(chosen) => chosen && setTonic(chosen)}
        />
        <Select
          label="Form"
          allowDeselect={false}
          searchable
          data={(catalogue.data?.forms ?? []).map((one) => ({ value: one.id, label: one.name }))}
          value={form}
          onChange={(chosen) => chosen && setForm(chosen)}
        />
      </Group>
      <Group grow align="start">
        <NumberInput
          label="Octaves"
          min={1}
          max={4}
          value={octaves}
          onChange={(typed) => setOctaves(Number(typed) || 1)}
        />
        <Select
          label="In"
          allowDeselect={false}
          data={values.map((one) => ({ value: one.value, label: nameOf(one) }))}
          value={value}
          onChange={(chosen) => chosen && setValue(chosen)}
        />
        <NumberInput
          label={`${quarters[0]!.toUpperCase()}${quarters.slice(1)} a minute`}
          min={20}
          max={400}
          value={bpm}
          onChange={(typed) => setBpm(Number(typed) || 0)}
        />
        <TextInput
          label="By"
          type="date"
          required
          value={date}
          onChange={(event) => setDate(event.currentTarget.value)}
        />
      </Group>
      {add.isError && <Wrong error={add.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Not now
        </Button>
        <Button type="submit" color="moss" loading={add.isPending}>
          Add it
        </Button>
      </Group>
    </form>
  );
}

function ListOf({ studentId, onClose }: Props) {
  const read = useReadRequired(studentId);
  const [text, setText] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    read.mutate(text, {
      onSuccess: (answer) => {
        notifications.show({
          message: `${answer.taken} ${answer.taken === 1 ? 'goal' : 'goals'} added.`,
          color: 'moss',
        });
        if (answer.refused.length === 0) onClose();
      },
    });
  };
  return (
    <form onSubmit={submit} style={{ display: 'grid', gap: 12 }}>
      <CsvField
        text={text}
        onText={setText}
        example={'key,form,octaves,value,tempo,date\nBb,major,2,eighths,96,2027-03-12'}
      />
      {read.isError && <Wrong error={read.error} />}
      {read.data && read.data.refused.length > 0 && (
        <ul className={classes.refused} aria-label="Left out">
          {read.data.refused.map((line) => (
            <li key={line.line}>
              Line {line.line}: {notes(line.refusal)}
            </li>
          ))}
        </ul>
      )}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Close
        </Button>
        <Button type="submit" color="moss" loading={read.isPending} disabled={text.trim() === ''}>
          Read the list
        </Button>
      </Group>
    </form>
  );
}
