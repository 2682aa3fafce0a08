import { ActionIcon, Button, Group, Modal, NativeSelect, TextInput } from '@mantine/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import { type FormEvent, useState } from 'react';
import { useKeepSettings, useSettings } from '../api/settings';
import type { Settings } from '../api/types';
import { oneOf, type Choice } from './Choose';
import { Waiting } from './Waiting';
import { Wrong } from './Wrong';
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

/** What this studio does its own way. */
export function StudioSettings({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const settings = useSettings();
  return (
    <Modal opened={opened} onClose={onClose} title="Studio settings" size={560} centered>
      {settings.isPending && <Waiting />}
      {settings.isError && <Wrong error={settings.error} again={() => settings.refetch()} />}
      {settings.data && <Fields settings={settings.data} onClose={onClose} />}
    </Modal>
  );
}

interface Word {
  word: string;
  figure: string;
}

function Fields({ settings, onClose }: { settings: Settings; onClose: () => void }) {
  const keep = useKeepSettings();
  const [form, setForm] = useState(settings);
  const [words, setWords] = useState<Word[]>(
    (settings.words ?? []).map((one) => ({ word: one.word, figure: one.figure.join(' ') })),
  );
  const change = (at: number, part: Partial<Word>) =>
    setWords(words.map((one, i) => (i === at ? { ...one, ...part } : one)));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const kept = words
      .filter((one) => one.word.trim() || one.figure.trim())
      .map((one) => ({ word: one.word.trim(), figure: one.figure.split(/[\s,]+/).filter(Boolean) }));
    keep.mutate({ ...form, words: kept }, { onSuccess: onClose });
  };
  return (
    <form onSubmit={submit} className={classes.form}>
      <NativeSelect
        label="Places are counted"
        value={form.counting}
        onChange={(event) => setForm({ ...form, counting: oneOf(COUNTING, event.currentTarget.value) })}
        data={COUNTING}
      />
      <NativeSelect
        label="Note values are called"
        value={form.valueNames}
        onChange={(event) => setForm({ ...form, valueNames: oneOf(NAMES, event.currentTarget.value) })}
        data={NAMES}
      />
      <NativeSelect
        label="A transposed key of six accidentals is written"
        value={form.sixAccidentals}
        onChange={(event) => setForm({ ...form, sixAccidentals: oneOf(SIX, event.currentTarget.value) })}
        data={SIX}
      />
      <fieldset className={classes.words}>
        <legend>Spoken figures: as many syllables as notes</legend>
        {words.map((one, i) => (
          <div key={i}>
            <TextInput
              aria-label={`Word ${i + 1}`}
              size="xs"
              placeholder="wa-ter-lil-y"
              value={one.word}
              maxLength={60}
              onChange={(event) => change(i, { word: event.currentTarget.value })}
            />
            <TextInput
              aria-label={`Figure of word ${i + 1}`}
              size="xs"
              placeholder="1/16 1/16 1/16 1/16"
              value={one.figure}
              maxLength={200}
              onChange={(event) => change(i, { figure: event.currentTarget.value })}
            />
            <ActionIcon
              variant="subtle"
              color="gray"
              aria-label={`Take ${one.word || 'this word'} out`}
              onClick={() => setWords(words.filter((_, other) => other !== i))}
            >
              <IconX size={15} />
            </ActionIcon>
          </div>
        ))}
        <Button
          size="compact-sm"
          variant="default"
          leftSection={<IconPlus size={15} />}
          onClick={() => setWords([...words, { word: '', figure: '' }])}
        >
          Add a word
        </Button>
      </fieldset>
      {keep.isError && <Wrong error={keep.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Leave it
        </Button>
        <Button type="submit" loading={keep.isPending}>
          Save
        </Button>
      </Group>
    </form>
  );
}
