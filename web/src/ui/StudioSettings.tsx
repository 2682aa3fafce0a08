import { Button, Group, Modal, NativeSelect } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { useKeepSettings, useSettings } from '../api/teacher';
import type { Settings } from '../api/types';
import { Waiting } from './Waiting';
import { Wrong } from './Wrong';

const SIX = [
  { value: 'by-interval', label: 'as the interval says' },
  { value: 'flats', label: 'in flats: G♭ major, E♭ minor' },
  { value: 'sharps', label: 'in sharps: F♯ major, D♯ minor' },
];

/** What this studio does its own way. */
export function StudioSettings({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const settings = useSettings();
  return (
    <Modal opened={opened} onClose={onClose} title="Studio settings" centered>
      {settings.isPending && <Waiting />}
      {settings.isError && <Wrong error={settings.error} again={() => settings.refetch()} />}
      {settings.data && <Fields settings={settings.data} onClose={onClose} />}
    </Modal>
  );
}

function Fields({ settings, onClose }: { settings: Settings; onClose: () => void }) {
  const keep = useKeepSettings();
  const [form, setForm] = useState(settings);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    keep.mutate(form, { onSuccess: onClose });
  };
  return (
    <form onSubmit={submit} style={{ display: 'grid', gap: 14 }}>
      <NativeSelect
        label="A transposed key of six accidentals is written"
        value={form.sixAccidentals}
        onChange={(event) => setForm({ ...form, sixAccidentals: event.currentTarget.value })}
        data={SIX}
      />
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
