import { Button, Group, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { lookInto, useTakeOver, type ImportReading } from '../../api/imports';
import { useArchiveRoutine } from '../../api/routines';
import { FormDialog } from '../../ui/FormDialog';
import { undoNote } from '../../ui/undo';
import { Wrong } from '../../ui/Wrong';
import { FoundNotes } from './FoundNotes';
import { FoundReading } from './FoundReading';
import classes from './BringIn.module.css';

interface Props {
  file: File;
  onClose: () => void;
}

/** What a file holds, before anything of it is taken over: its notes, the key, and what cannot be kept. */
export function BringIn({ file, onClose }: Props) {
  const [reading, setReading] = useState<ImportReading>({});
  const [title, setTitle] = useState<string>();
  const navigate = useNavigate();
  const take = useTakeOver();
  const archive = useArchiveRoutine();
  const found = useQuery({
    queryKey: ['found', file.name, file.size, file.lastModified, reading],
    queryFn: ({ signal }) => lookInto(file, reading, signal),
    retry: false,
    gcTime: 0,
    // Another key or voice is read anew; what was there stays meanwhile.
    placeholderData: (before) => before,
  });
  const it = found.data;
  const named = title ?? it?.title ?? '';
  const takeOver = () => {
    if (!it || take.isPending) return;
    take.mutate(
      { id: it.id, title: named },
      {
        onSuccess: (routine) => {
          undoNote(`“${routine.title}” is on your Shelf.`, () => archive.mutateAsync({ id: routine.id }));
          void navigate(`/bench/${routine.id}`);
        },
      },
    );
  };
  return (
    <FormDialog title={`Bring in ${file.name}`} onClose={onClose} size="xl">
      <div className={classes.dialog}>
        {found.isError && <Wrong error={found.error} />}
        {!it && found.isFetching && <p>One moment …</p>}
        {it && !found.isError && (
          <>
            <TextInput
              label="Title"
              maxLength={200}
              value={named}
              onChange={(event) => setTitle(event.currentTarget.value)}
            />
            <FoundReading found={it} onRead={(change) => setReading((now) => ({ ...now, ...change }))} />
            <FoundNotes steps={it.steps} />
            {it.left.length > 0 && (
              <section aria-label="What cannot be kept">
                <h3>What cannot be kept</h3>
                <ul className={classes.left}>
                  {it.left.map((one) => (
                    <li key={one}>{one}</li>
                  ))}
                </ul>
              </section>
            )}
          </>
        )}
        {take.error && <Wrong error={take.error} />}
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose}>
            Cancel
          </Button>
          <Button
            disabled={!it || found.isError || found.isFetching}
            loading={take.isPending}
            onClick={takeOver}
          >
            Take it over
          </Button>
        </Group>
      </div>
    </FormDialog>
  );
}
