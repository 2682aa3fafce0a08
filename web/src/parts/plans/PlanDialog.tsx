import { Checkbox, Group, NumberInput, Select, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { useGivePlan } from '../../api/plans';
import { useRoutines } from '../../api/routines';
import type { KeyPlanRequest } from '../../api/types';
import { useCatalogue } from '../../core/useCatalogue';
import { isoDay } from '../../ui/words';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import { oneOf, type Choice } from '../../ui/Choose';
import { StudentPicker } from '../../ui/StudentPicker';
import { Weekdays } from '../../ui/Weekdays';
import { Wrong } from '../../ui/Wrong';
import { PlanPreview } from './PlanPreview';
import { usePlanPreview } from './usePlanPreview';
import { signs } from '../../ui/signs';
import classes from './PlanDialog.module.css';

interface Props {
  /** The routine to go through the keys with; to be chosen without. */
  routineId?: number;
  /** Who gets it; to be chosen without. */
  studentId?: number;
  onClose: () => void;
}

/** Gives a routine through the keys: in which order, how fast, and what each key brings. */
export function PlanDialog(props: Props) {
  return (
    <FormDialog onClose={props.onClose} title="Through the keys" size="xl">
      <Fields {...props} />
    </FormDialog>
  );
}

const START: Omit<KeyPlanRequest, 'routineId' | 'studentIds'> = {
  order: 'fourths',
  start: 'C',
  keys: '',
  thereAndBack: false,
  named: 'written',
  forms: 'as-given',
  pace: 'week',
  startsOn: isoDay(),
  weekdays: [],
  minutesADay: 5,
};

interface Values {
  routine?: number;
  chosen: number[];
  plan: typeof START;
}

function Fields({ routineId, studentId, onClose }: Props) {
  const form = useForm<Values>({
    initialValues: { routine: routineId, chosen: studentId === undefined ? [] : [studentId], plan: START },
  });
  const { routine, chosen, plan } = form.values;
  const change = (some: Partial<typeof START>) => form.setFieldValue('plan', (now) => ({ ...now, ...some }));
  const asked: KeyPlanRequest = { ...plan, routineId: routine ?? 0, studentIds: chosen };
  const own = plan.order === undefined;
  const ready = routine !== undefined && chosen.length > 0 && (!own || plan.keys?.trim() !== '');
  const preview = usePlanPreview(plan, routine, chosen, ready);
  const give = useGivePlan();
  return (
    <DialogForm
      form={form}
      sending={give}
      body={() => (ready ? asked : undefined)}
      onDone={(given) => {
        notifications.show({ message: given[0]?.sentence ?? 'The plan is given.', color: 'moss' });
        onClose();
      }}
      onClose={onClose}
      leave="Not now"
      go="Give the plan"
      color="moss"
      ready={ready && !preview.isError}
      className={classes.fields}
      footClassName={classes.foot}
    >
      <div className={classes.left}>
        {routineId === undefined && (
          <RoutineField chosen={routine} onChange={(id) => form.setFieldValue('routine', id)} />
        )}
        {studentId === undefined && (
          <StudentPicker chosen={chosen} onChange={(ids) => form.setFieldValue('chosen', ids)} />
        )}
        <OrderFields plan={plan} change={change} />
        <Group grow align="start">
          <TextInput
            label="From"
            type="date"
            required
            value={plan.startsOn}
            onChange={(event) => change({ startsOn: event.currentTarget.value })}
          />
          <NumberInput
            label="Minutes each, a day"
            min={1}
            max={180}
            value={plan.minutesADay}
            onChange={(value) => change({ minutesADay: Number(value) || 1 })}
          />
        </Group>
        <Weekdays chosen={plan.weekdays ?? []} onChange={(weekdays) => change({ weekdays })} />
      </div>
      <section aria-label="The round" tabIndex={0} className={classes.will}>
        {!ready ? (
          <p>
            {routine === undefined
              ? 'Choose a routine: the keys of the round stand here, each with its day.'
              : chosen.length === 0
                ? 'Choose who gets it: the keys stand here as each of them reads them.'
                : 'Write your keys with spaces between, such as C F B♭.'}
          </p>
        ) : preview.isError ? (
          <Wrong error={preview.error} />
        ) : (
          preview.data?.previews.map((one) => (
            <PlanPreview key={one.studentId} preview={one} named={chosen.length > 1} />
          ))
        )}
      </section>
    </DialogForm>
  );
}

/** The order that is no order of ours. */
const OWN_ORDER = { value: 'own', label: 'a list of your own' };

function data<V extends string>(list: { id: V; name: string }[] | undefined): Choice<V>[] {
  return (list ?? []).map((one) => ({ value: one.id, label: one.name }));
}

interface PlanFields {
  plan: typeof START;
  change: (some: Partial<typeof START>) => void;
}

function OrderFields({ plan, change }: PlanFields) {
  const keys = useCatalogue().data?.keys;
  const orders = data(keys?.orders);
  const forms = data(keys?.forms);
  const paces = data(keys?.paces);
  const own = plan.order === undefined;
  return (
    <>
      <Group grow align="start">
        <Select
          label="Order of keys"
          allowDeselect={false}
          data={[...orders, OWN_ORDER]}
          value={plan.order ?? OWN_ORDER.value}
          onChange={(order) => change({ order: oneOf(orders, order) })}
        />
        {own ? (
          <TextInput
            label="Your keys"
            placeholder="C F Bb Eb"
            value={plan.keys ?? ''}
            onChange={(event) => change({ keys: event.currentTarget.value })}
          />
        ) : (
          <Select
            label="Beginning in"
            allowDeselect={false}
            data={(keys?.tonics ?? []).map((key) => ({ value: key, label: signs(key) }))}
            value={plan.start ?? 'C'}
            onChange={(start) => start && change({ start })}
          />
        )}
      </Group>
      <Select
        label="Each key brings"
        allowDeselect={false}
        data={forms}
        value={plan.forms}
        onChange={(chosen) => change({ forms: oneOf(forms, chosen) ?? plan.forms })}
      />
      <Group grow align="start">
        <Select
          label="Pace"
          allowDeselect={false}
          data={paces}
          value={plan.pace}
          onChange={(chosen) => change({ pace: oneOf(paces, chosen) ?? plan.pace })}
        />
        <Select
          label="Keys are"
          allowDeselect={false}
          data={[
            { value: 'written', label: 'written' },
            { value: 'concert', label: 'concert' },
          ]}
          value={plan.named}
          onChange={(named) => named && change({ named })}
        />
      </Group>
      <Checkbox
        label="There and back"
        checked={plan.thereAndBack}
        onChange={(event) => change({ thereAndBack: event.currentTarget.checked })}
      />
    </>
  );
}

function RoutineField({ chosen, onChange }: { chosen?: number; onChange: (id: number) => void }) {
  const routines = useRoutines(0);
  return (
    <Select
      label="Routine"
      searchable
      placeholder="From your shelf"
      nothingFoundMessage="No routine goes by that name."
      data={(routines.data?.items ?? []).map((one) => ({ value: String(one.id), label: one.title }))}
      value={chosen === undefined ? null : String(chosen)}
      onChange={(id) => id && onChange(Number(id))}
    />
  );
}
