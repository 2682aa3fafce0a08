import { Button, Group } from '@mantine/core';
import { useDebouncedValue, useNetwork } from '@mantine/hooks';
import { useState } from 'react';
import type { TakeAwayOptions } from '../../api/types';
import { FormDialog } from '../../ui/FormDialog';
import { Pill } from '../../ui/Pill';
import { Wrong } from '../../ui/Wrong';
import { FORMATS, sizeOf, USUAL, type FormatId } from './formats';
import { NotesOptions, SoundOptions } from './Options';
import type { OwnSound } from './ownSound';
import { useLook, useTakeAway, type Subject } from './useTakeAway';
import classes from './TakeAway.module.css';

export interface Takeable {
  label: string;
  subject: Subject;
  /** The same, where the page itself can make it sound; without network it is all that can be had. */
  sound?: OwnSound;
}

interface Props {
  /** What can be taken away: this step, the whole routine. */
  things: Takeable[];
  /** Formats that can be taken; all of them without. */
  formats?: FormatId[];
  /** A paper of the same, to print. */
  paper?: { name: string; words: string; href: string };
  onClose: () => void;
}

const WAIT_MS = 250;

/** What to take away, as what kind of file, how it is to be; and the file itself. */
export function TakeAwayDialog({ things, formats, paper, onClose }: Props) {
  const [thing, setThing] = useState(0);
  const [wish, setFormat] = useState<FormatId>('musicxml');
  const { online } = useNetwork();
  const offered = FORMATS.filter(
    (one) => (!formats || formats.includes(one.id)) && (online || one.id === 'wav'),
  );
  const format = offered.some((one) => one.id === wish) ? wish : offered[0]!.id;
  const [options, setOptions] = useState<TakeAwayOptions>(USUAL);
  const chosen = FORMATS.find((one) => one.id === format)!;
  const { subject, sound } = things[thing]!;
  const wanted = { format, subject, options, sound };
  const [settled] = useDebouncedValue(wanted, WAIT_MS);
  const look = useLook(settled);
  const { take, share, error, cancel } = useTakeAway(onClose);
  const set = (change: TakeAwayOptions) => setOptions((now) => ({ ...now, ...change }));
  const taking = share !== undefined;
  return (
    <FormDialog title="Take away" onClose={onClose} size="lg">
      <div className={classes.dialog}>
        {things.length > 1 && (
          <div className={classes.things} role="group" aria-label="What to take away">
            {things.map((one, i) => (
              <Pill key={one.label} pressed={i === thing} onPress={() => setThing(i)}>
                {one.label}
              </Pill>
            ))}
          </div>
        )}
        {paper && (
          <p className={classes.paper}>
            <a href={paper.href} target="_blank" rel="noreferrer">
              {paper.name}
            </a>{' '}
            {paper.words}
          </p>
        )}
        <div className={classes.formats} role="radiogroup" aria-label="As what kind of file">
          {offered.map((one) => (
            <button
              key={one.id}
              type="button"
              role="radio"
              aria-checked={one.id === format}
              className={classes.format}
              onClick={() => setFormat(one.id)}
            >
              <strong>{one.name}</strong>
              <span>{one.words}</span>
            </button>
          ))}
        </div>
        {!online && (
          <p className={classes.paper}>
            Without network there is sound, made on this device. Notes come from the studio.
          </p>
        )}
        {chosen.kind === 'notes' && <NotesOptions options={options} onSet={set} />}
        {chosen.kind === 'sound' && <SoundOptions options={options} onSet={set} />}
        <p className={classes.file} aria-live="polite">
          {look.data ? (
            <>
              <strong>{look.data.name}</strong> {sizeOf(look.data.bytes)}
              {look.data.lasts && `, ${look.data.lasts}`}
            </>
          ) : (
            look.isFetching && 'One moment …'
          )}
        </p>
        {(error ?? look.error) && <Wrong error={(error ?? look.error)!} />}
        {taking && <progress className={classes.progress} max={1} value={share} aria-label="How far it is" />}
        <Group justify="flex-end">
          <Button variant="default" onClick={taking ? cancel : onClose}>
            Cancel
          </Button>
          <Button disabled={!look.data || taking} onClick={() => look.data && void take(wanted)}>
            Take it
          </Button>
        </Group>
      </div>
    </FormDialog>
  );
}
