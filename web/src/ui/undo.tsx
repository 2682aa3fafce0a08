import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { sentenceOf } from '../api/client';

/** The same for what is taken back here and at once. */
export function undoHint(message: string, undo: () => void) {
  undoNote(message, () => {
    undo();
    return Promise.resolve();
  });
}

const WHILE_MS = 12_000;

/** Says what was done, and offers to take it back. */
export function undoNote(message: string, undo: () => Promise<unknown>) {
  const id = notifications.show({
    message: (
      <span style={{ display: 'flex', alignItems: 'center', gap: 14, justifyContent: 'space-between' }}>
        {message}
        <Button
          size="compact-sm"
          variant="default"
          onClick={() =>
            undo()
              .then(() => notifications.hide(id))
              .catch((error: unknown) => notifications.update({ id, message: sentenceOf(error) }))
          }
        >
          Undo
        </Button>
      </span>
    ),
    autoClose: WHILE_MS,
    color: 'river',
  });
}
