import { Button, Group } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import {
  giveUpArchive,
  lookIntoArchive,
  useArchiveProgress,
  useTakeArchive,
  useUndoArchive,
} from '../../api/archives';
import { FormDialog } from '../../ui/FormDialog';
import { undoNote } from '../../ui/undo';
import { momentSaid } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import classes from './BringIn.module.css';

interface Props {
  file: File;
  onClose: () => void;
}

/** What a studio archive holds, before anything of it is taken over. */
export function BringArchive({ file, onClose }: Props) {
  const navigate = useNavigate();
  const take = useTakeArchive();
  const undo = useUndoArchive();
  const found = useQuery({
    queryKey: ['found-archive', file.name, file.size, file.lastModified],
    queryFn: ({ signal }) => lookIntoArchive(file, signal),
    retry: false,
    gcTime: 0,
    staleTime: Infinity,
  });
  const it = found.data;
  const progress = useArchiveProgress(it?.id ?? '', take.isPending);
  const share = it && it.rows > 0 ? (progress.data?.done ?? 0) / it.rows : 0;
  const takeOver = () => {
    if (!it || take.isPending) return;
    take.mutate(it.id, {
      onSuccess: () => {
        undoNote(`“${it.title}” has arrived.`, () => undo.mutateAsync(it.id));
        onClose();
        void navigate('/students');
      },
    });
  };
  const leave = () => {
    if (it) void giveUpArchive(it.id).catch(() => undefined);
    if (!take.isPending) onClose();
  };
  return (
    <FormDialog title={`Bring in ${file.name}`} onClose={leave} size="lg">
      <div className={classes.dialog}>
        {found.isError && <Wrong error={found.error} />}
        {!it && found.isFetching && <p>Looking it through …</p>}
        {it && (
          <>
            <p>
              {it.holds === 'student' ? 'What is kept about' : 'The studio'} <strong>{it.title}</strong>,
              saved on {momentSaid(it.made)}.
            </p>
            <ul className={classes.counts}>
              {it.counts.map((one) => (
                <li key={one}>{one}</li>
              ))}
            </ul>
            {it.becomes && (
              <p>Nothing is here yet, so this studio takes over its name and its settings as well.</p>
            )}
            {it.alike.length > 0 && (
              <p role="alert">
                {it.alike.join(', ')} {it.alike.length === 1 ? 'is' : 'are'} here already, and{' '}
                {it.alike.length === 1 ? 'comes' : 'come'} in a second time. You can take it back in one
                press.
              </p>
            )}
            <p>All of it comes in, or nothing. Everybody gets a new practice link.</p>
          </>
        )}
        {take.isPending && (
          <progress className={classes.progress} max={1} value={share} aria-label="How far it is" />
        )}
        {take.error && <Wrong error={take.error} />}
        <Group justify="flex-end">
          <Button variant="default" onClick={leave}>
            Cancel
          </Button>
          <Button disabled={!it || found.isError} loading={take.isPending} onClick={takeOver}>
            Take it over
          </Button>
        </Group>
      </div>
    </FormDialog>
  );
}
