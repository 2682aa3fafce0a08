import { Button } from '@mantine/core';
import { Wrong } from '../../ui/Wrong';
import { sizeOf } from './formats';
import { useFile } from './useFile';
import classes from './Files.module.css';

interface Props {
  label: string;
  /** What is in it. */
  words: string;
  fetched: (signal: AbortSignal) => Promise<Response>;
}

/** A file that is taken by one press, with how much of it has come and a way to stop it. */
export function FileButton({ label, words, fetched }: Props) {
  const { take, progress, saved, error, cancel } = useFile();
  const said = progress
    ? `${sizeOf(progress.got)} so far …`
    : saved === undefined
      ? words
      : `Saved: ${sizeOf(saved)}`;
  return (
    <div className={classes.row}>
      <span>
        <strong>{label}</strong>
        <small aria-live="polite">{said}</small>
        {error && <Wrong error={error} />}
      </span>
      {progress ? (
        <Button size="compact-md" variant="default" onClick={cancel}>
          Cancel
        </Button>
      ) : (
        <Button
          size="compact-md"
          variant="default"
          aria-label={`Save ${label}`}
          onClick={() => void take(fetched)}
        >
          Save
        </Button>
      )}
    </div>
  );
}
