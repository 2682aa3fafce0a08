import { useState } from 'react';
import type { Entry } from '../../keep/store';
import type { Outbox } from './keep/useOutbox';
import classes from './Practice.module.css';

/** Entries in words: so many takes and lines. */
function counted(entries: Entry[]): string {
  const takes = entries.filter((entry) => entry.kind === 'take').length;
  const lines = entries.length - takes;
  return [
    takes > 0 && `${takes} ${takes === 1 ? 'take' : 'takes'}`,
    lines > 0 && `${lines} ${lines === 1 ? 'line' : 'lines'}`,
  ]
    .filter(Boolean)
    .join(' and ');
}

const are = (entries: Entry[]) => (entries.length === 1 ? 'is' : 'are');

/** What has not reached the studio yet, and what it did not accept. */
export function Unsent({ outbox }: { outbox: Outbox }) {
  const { waiting, refused, lasting, held } = outbox;
  const kept = lasting ? 'kept here and not sent yet' : 'not sent yet; leave this page open until it is';
  return (
    <div className={classes.waiting} role="status">
      {waiting.length > 0 && (
        <p>
          {counted(waiting)} {are(waiting)} {kept}.{held && ` ${held}`}
        </p>
      )}
      <Refused outbox={outbox} refused={refused} />
    </div>
  );
}

/** What the studio did not accept: why, and what can be done. */
function Refused({ outbox, refused }: { outbox: Outbox; refused: Entry[] }) {
  const [undo, setUndo] = useState<() => Promise<void>>();
  const leaveOut = async () => {
    const back = await outbox.leaveOut();
    setUndo(() => async () => {
      setUndo(undefined);
      await back();
    });
  };
  if (refused.length > 0)
    return (
      <p>
        {counted(refused)} {refused.length === 1 ? 'was' : 'were'} not accepted and {are(refused)} kept here:{' '}
        {refused[0]!.refused!}
        <button type="button" onClick={() => void outbox.tryAgain()}>
          Try again
        </button>
        <button type="button" onClick={() => void leaveOut()}>
          Leave out
        </button>
      </p>
    );
  if (!undo) return null;
  return (
    <p>
      Left out.
      <button type="button" onClick={() => void undo()}>
        Undo
      </button>
    </p>
  );
}

/** What waits in a room whose link was replaced. */
export function KeptForLater({ entries }: { entries: Entry[] }) {
  if (entries.length === 0) return null;
  const they = entries.length === 1 ? 'It goes' : 'They go';
  return (
    <p>
      {counted(entries)} {are(entries)} kept here. {they} to the studio when the new link is opened on this
      device.
    </p>
  );
}
