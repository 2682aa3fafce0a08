import { useBounds } from '../../core/useBounds';
import { Button, Group, NumberInput, Select, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { useAddRequired, useReadRequired } from '../../api/lists';
import { useCatalogue } from '../../core/useCatalogue';
import { CsvField } from '../../ui/CsvField';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import { capital } from '../../ui/capital';
import { useValueName } from '../../ui/useValueName';
import { isoDay } from '../../ui/words';
import { signs } from '../../ui/signs';
import classes from '../../parts/goals/Required.module.css';

/** The values in which scales are asked for, as fractions of a whole note. */
const VALUES = ['1/2', '1/4', '1/8', '1/12', '1/16'];
const QUARTER = '1/4';
const THREE_MONTHS = 90;

/** Adds required scales: one by hand, or a list from a file. */
export function RequiredDialog({ studentId, onClose }: { studentId: number; onClose: () => void }) {
  const [list, setList] = useState(false);
  return (
    <FormDialog onClose={onClose} title="Goals" size="lg">
      {list ? (
        <ListOf studentId={studentId} onClose={onClose} />
      ) : (
        <OneScale studentId={studentId} onClose={onClose} />
      )}
      <Button variant="subtle" size="compact-sm" mt="sm" onClick={() => setList(!list)}>
        {list ? 'One scale by hand instead' : 'Read a whole list instead'}
      </Button>
    </FormDialog>
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
  const form = useForm({
    initialValues: {
      tonic: 'C',
      form: 'major',
      octaves: 1,
      value: '1/8',
      bpm: 80,
      date: isoDay(THREE_MONTHS),
    },
  });
  return (
    <DialogForm
      form={form}
      sending={add}
      body={(values) => values}
      onDone={onClose}
      onClose={onClose}
      leave="Not now"
      go="Add it"
      color="moss"
    >
      <Group grow align="start">
        <Select
          label="Key, as written"
          allowDeselect={false}
          searchable
          data={(catalogue.data?.tonics ?? []).map((one) => ({ value: one, label: signs(one) }))}
          {...form.getInputProps('tonic')}
        />
        <Select
          label="Form"
          allowDeselect={false}
          searchable
          data={(catalogue.data?.forms ?? []).map((one) => ({ value: one.id, label: one.name }))}
          {...form.getInputProps('form')}
        />
      </Group>
      <Group grow align="start">
        <NumberInput
          label="Octaves"
          {...useBounds('octaves')}
          value={form.values.octaves}
          onChange={(typed) => form.setFieldValue('octaves', Number(typed) || 1)}
        />
        <Select
          label="In"
          allowDeselect={false}
          data={values.map((one) => ({ value: one.value, label: nameOf(one) }))}
          {...form.getInputProps('value')}
        />
        <NumberInput
          label={`${capital(quarters)} a minute`}
          {...useBounds('bpm')}
          value={form.values.bpm}
          onChange={(typed) => form.setFieldValue('bpm', Number(typed) || 0)}
        />
        <TextInput label="By" type="date" required {...form.getInputProps('date')} />
      </Group>
    </DialogForm>
  );
}

function ListOf({ studentId, onClose }: Props) {
  const read = useReadRequired(studentId);
  const form = useForm({ initialValues: { text: '' } });
  return (
    <DialogForm
      form={form}
      sending={read}
      body={({ text }) => text}
      onDone={(answer) => {
        notifications.show({
          message: `${answer.taken} ${answer.taken === 1 ? 'goal' : 'goals'} added.`,
          color: 'moss',
        });
        if (answer.refused.length === 0) onClose();
      }}
      onClose={onClose}
      leave="Close"
      go="Read the list"
      color="moss"
      ready={form.values.text.trim() !== ''}
    >
      <CsvField
        text={form.values.text}
        onText={(text) => form.setFieldValue('text', text)}
        example={'key,form,octaves,value,tempo,date\nBb,major,2,eighths,96,2027-03-12'}
      />
      {read.data && read.data.refused.length > 0 && (
        <ul className={classes.refused} aria-label="Left out">
          {read.data.refused.map((line) => (
            <li key={line.line}>
              Line {line.line}: {line.refusal}
            </li>
          ))}
        </ul>
      )}
    </DialogForm>
  );
}
