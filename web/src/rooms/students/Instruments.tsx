import { Button, TextInput } from '@mantine/core';
import { IconPlus } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useArchiveInstrument, useInstruments } from '../../api/instruments';
import type { Instrument } from '../../api/types';
import { undoNote } from '../../ui/undo';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { InstrumentForm } from './InstrumentForm';
import { soundsAs } from './instruments';
import { rangeSigns } from '../../ui/signs';
import classes from './Instruments.module.css';

type Editing = { from?: Instrument; change: boolean };

/** Every instrument with what it reads and how far it goes; the studio's own can be changed. */
export function Instruments() {
  const instruments = useInstruments();
  const archive = useArchiveInstrument();
  const [text, setText] = useState('');
  const [editing, setEditing] = useState<Editing>();
  if (instruments.isPending) return <Waiting />;
  if (instruments.isError) return <Wrong error={instruments.error} again={() => instruments.refetch()} />;
  const typed = text.toLowerCase().trim();
  const found = instruments.data.filter((one) => `${one.name} ${one.family}`.toLowerCase().includes(typed));
  const putAway = (one: Instrument) => {
    const id = one.ownId!;
    archive.mutate(
      { id, restore: one.archived },
      {
        onSuccess: () => {
          if (!one.archived)
            undoNote(`${one.name} is put away.`, () => archive.mutateAsync({ id, restore: true }));
        },
      },
    );
  };
  return (
    <div className={classes.page}>
      <header className={classes.head}>
        <h1>Instruments</h1>
        <Button variant="subtle" component={Link} to="/students">
          Back to the students
        </Button>
        <span className={classes.push} />
        <Button leftSection={<IconPlus size={18} />} onClick={() => setEditing({ change: false })}>
          Add an instrument
        </Button>
      </header>
      <TextInput
        aria-label="Find an instrument"
        placeholder="Find by name or family"
        value={text}
        maxLength={60}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      {found.length === 0 && (
        <p className={classes.soft}>No instrument goes by that name. Add it, with its clefs and ranges.</p>
      )}
      <div className={classes.table} tabIndex={0} role="region" aria-label="The instruments">
        <table>
          <thead>
            <tr>
              <th>Name</th>
              <th>Transposition</th>
              <th>Clefs</th>
              <th>First octave</th>
              <th>Comfortable</th>
              <th>Full, as written</th>
              <th>
                <span className="visually-hidden">What to do</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {found.map((one) => (
              <tr key={one.id} data-own={one.ownId != null} data-away={one.archived}>
                <td>
                  <strong>{one.name}</strong>
                  <span>{one.ownId != null ? `your own, ${one.family}` : one.family}</span>
                </td>
                <td data-label="Transposition">{soundsAs(one.sounds)}</td>
                <td data-label="Clefs">{one.clefs.join(', ')}</td>
                <td data-label="First octave">{range(one.firstOctave)}</td>
                <td data-label="Comfortable">{range(one.comfortable)}</td>
                <td data-label="Full">{range(one.full)}</td>
                <td>
                  {one.ownId != null ? (
                    <>
                      <Button
                        size="compact-sm"
                        variant="subtle"
                        aria-label={`Change ${one.name}`}
                        onClick={() => setEditing({ from: one, change: true })}
                      >
                        Change
                      </Button>
                      <Button
                        size="compact-sm"
                        variant="subtle"
                        aria-label={`${one.archived ? 'Take back' : 'Put away'} ${one.name}`}
                        onClick={() => putAway(one)}
                      >
                        {one.archived ? 'Take back' : 'Put away'}
                      </Button>
                    </>
                  ) : (
                    <Button
                      size="compact-sm"
                      variant="subtle"
                      aria-label={`Make your own from ${one.name}`}
                      onClick={() => setEditing({ from: one, change: false })}
                    >
                      Make your own
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className={classes.soft}>
        Ranges, clefs and transpositions are given as orchestration handbooks usually have them, from memory.
        Where yours differ, make your own.
      </p>
      <InstrumentForm
        opened={editing !== undefined}
        onClose={() => setEditing(undefined)}
        from={editing?.from}
        change={editing?.change ?? false}
      />
    </div>
  );
}

function range(text: string): string {
  return rangeSigns(text);
}
