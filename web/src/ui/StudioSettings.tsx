import { ActionIcon, Button, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { IconPlus, IconX } from '@tabler/icons-react';
import { useBackups } from '../api/account';
import { useKeepSettings, useSettings } from '../api/settings';
import type { Settings } from '../api/types';
import { oneOf, type Choice } from './Choose';
import { DialogForm, FormDialog } from './FormDialog';
import { Waiting } from './Waiting';
import { Wrong } from './Wrong';
import { momentSaid } from './words';
import classes from './StudioSettings.module.css';

const SIX: Choice<NonNullable<Settings['sixAccidentals']>>[] = [
  { value: 'by-interval', label: 'as the interval says' },
  { value: 'flats', label: 'in flats: G♭ major, E♭ minor' },
  { value: 'sharps', label: 'in sharps: F♯ major, D♯ minor' },
];
const COUNTING: Choice<NonNullable<Settings['counting']>>[] = [
  { value: 'numbers', label: 'in numbers: 1 e & a, 1 trip let' },
  { value: 'time-names', label: 'in time names: ta fa te fe, ta te ti' },
];
const NAMES: Choice<NonNullable<Settings['valueNames']>>[] = [
  { value: 'american', label: 'quarter, eighth, sixteenth' },
  { value: 'british', label: 'crotchet, quaver, semiquaver' },
];

const SYLLABLES: Choice<NonNullable<Settings['syllables']>>[] = [
  { value: 'tonic', label: 'do is the tonic, in minor as in major' },
  { value: 'relative', label: 'minor begins on la, as its signature has do' },
  { value: 'fixed', label: 'do is C, in every key' },
];
const KEPT = [
  { value: '0', label: 'for ever' },
  ...[1, 2, 3, 5, 10].map((years) => ({
    value: String(years),
    label: years === 1 ? 'for a year' : `for ${years} years`,
  })),
];

/** What this studio does its own way. */
export function StudioSettings({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const settings = useSettings();
  return (
    <FormDialog opened={opened} onClose={onClose} title="Studio settings" size={560}>
      {settings.isPending && <Waiting />}
      {settings.isError && <Wrong error={settings.error} again={() => settings.refetch()} />}
      {settings.data && <Fields settings={settings.data} onClose={onClose} />}
      <BackupsLine />
    </FormDialog>
  );
}

/** When everything was last kept in a second place. */
function BackupsLine() {
  const backups = useBackups();
  if (!backups.data) return null;
  const { kept, last, count, megabytes, wrong } = backups.data;
  const when = last;
  return (
    <p className={classes.backups} role={wrong ? 'alert' : undefined}>
      <strong>Backups. </strong>
      {!kept && 'This studio is a demo and keeps nothing.'}
      {kept && !when && 'None yet: the first is made tonight at 3:30.'}
      {when &&
        `The last one is of ${momentSaid(when)}, ${megabytes} MB; ${count} of the last 7 nights are kept.`}
      {wrong && ` Last night went wrong: ${wrong}`}
    </p>
  );
}

interface Word {
  word: string;
  figure: string;
}

function Fields({ settings, onClose }: { settings: Settings; onClose: () => void }) {
  const keep = useKeepSettings();
  const form = useForm({
    initialValues: {
      ...settings,
      words: (settings.words ?? []).map<Word>((one) => ({ word: one.word, figure: one.figure.join(' ') })),
    },
  });
  return (
    <DialogForm
      form={form}
      sending={keep}
      body={({ words, ...others }) => ({
        ...others,
        words: words
          .filter((one) => one.word.trim() || one.figure.trim())
          .map((one) => ({ word: one.word.trim(), figure: one.figure.split(/[\s,]+/).filter(Boolean) })),
      })}
      onDone={onClose}
      onClose={onClose}
      leave="Leave it"
      go="Save"
      className={classes.form}
    >
      <NativeSelect
        label="Places are counted"
        value={form.values.counting}
        onChange={(event) => form.setFieldValue('counting', oneOf(COUNTING, event.currentTarget.value))}
        data={COUNTING}
      />
      <NativeSelect
        label="Note values are called"
        value={form.values.valueNames}
        onChange={(event) => form.setFieldValue('valueNames', oneOf(NAMES, event.currentTarget.value))}
        data={NAMES}
      />
      <NativeSelect
        label="Sol-fa"
        value={form.values.syllables}
        onChange={(event) => form.setFieldValue('syllables', oneOf(SYLLABLES, event.currentTarget.value))}
        data={SYLLABLES}
      />
      <NativeSelect
        label="Practice of what is over is kept"
        description="Then a step that ended goes with its takes. What goes on is kept whole."
        value={form.values.keepYears ?? 0}
        onChange={(event) => form.setFieldValue('keepYears', Number(event.currentTarget.value) || undefined)}
        data={KEPT}
      />
      <NativeSelect
        label="A transposed key of six accidentals is written"
        value={form.values.sixAccidentals}
        onChange={(event) => form.setFieldValue('sixAccidentals', oneOf(SIX, event.currentTarget.value))}
        data={SIX}
      />
      <fieldset className={classes.words}>
        <legend>Spoken figures: as many syllables as notes</legend>
        {form.values.words.map((one, i) => (
          <div key={i}>
            <TextInput
              aria-label={`Word ${i + 1}`}
              size="xs"
              placeholder="wa-ter-lil-y"
              maxLength={60}
              {...form.getInputProps(`words.${i}.word`)}
            />
            <TextInput
              aria-label={`Figure of word ${i + 1}`}
              size="xs"
              placeholder="1/16 1/16 1/16 1/16"
              maxLength={200}
              {...form.getInputProps(`words.${i}.figure`)}
            />
            <ActionIcon
              variant="subtle"
              color="gray"
              aria-label={`Take ${one.word || 'this word'} out`}
              onClick={() => form.removeListItem('words', i)}
            >
              <IconX size={15} />
            </ActionIcon>
          </div>
        ))}
        <Button
          size="compact-sm"
          variant="default"
          leftSection={<IconPlus size={15} />}
          onClick={() => form.insertListItem('words', { word: '', figure: '' })}
        >
          Add a word
        </Button>
      </fieldset>
    </DialogForm>
  );
}
