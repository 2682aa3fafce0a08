import { Button } from '@mantine/core';
import { IconPlayerPlayFilled, IconPlayerStopFilled } from '@tabler/icons-react';
import { useState } from 'react';
import type { usePlayer } from '../../sound/usePlayer';
import { Wrong } from '../../ui/Wrong';
import { notes } from '../../ui/words';
import { useBench } from './BenchContext';
import { ClassReadings } from './ClassReadings';
import type { Keeping } from './useKeeping';
import classes from './Bench.module.css';

interface Props {
  keeping: Keeping;
  player: ReturnType<typeof usePlayer>;
  onToggle: () => void;
  onAssign: () => void;
}

/** The title, for whom it is worked out, and what can be done with the whole step. */
export function BenchTitle({ keeping, player, onToggle, onAssign }: Props) {
  const { state, dispatch, passage, students, student } = useBench();
  const [reading, setReading] = useState(false);
  const key = passage ? (student ? passage.writtenKey : passage.concertKey) : '';
  return (
    <header className={classes.title}>
      <div className={classes.titleRow}>
        <input
          aria-label="Title"
          className={classes.titleInput}
          maxLength={200}
          placeholder={`${notes(state.document.key.tonic)}, a new step`}
          value={state.document.title}
          onChange={(event) => dispatch({ type: 'title', title: event.currentTarget.value })}
        />
        <Button
          size="sm"
          variant="default"
          onClick={() => void keeping.keep()}
          loading={keeping.busy}
          disabled={state.kept}
        >
          {state.kept ? 'Saved' : 'Save'}
        </Button>
        <Button size="sm" color="moss" onClick={onAssign}>
          Assign
        </Button>
        <Button
          size="sm"
          className={classes.play}
          aria-label={player.playing ? 'Stop' : 'Play'}
          leftSection={
            player.playing ? <IconPlayerStopFilled size={16} /> : <IconPlayerPlayFilled size={16} />
          }
          onClick={onToggle}
        >
          {player.playing ? (player.count ?? 'Stop') : 'Play'}
        </Button>
      </div>
      <p className={classes.subtitle}>
        <label>
          for{' '}
          <select
            aria-label="For which student"
            value={state.studentId ?? ''}
            onChange={(event) =>
              dispatch({ type: 'student', studentId: Number(event.currentTarget.value) || undefined })
            }
          >
            <option value="">nobody yet, concert pitch</option>
            {students.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}, {one.instrumentName}
              </option>
            ))}
          </select>
        </label>
        {students.length > 1 && (
          <button type="button" className={classes.everyone} onClick={() => setReading(true)}>
            everybody
          </button>
        )}
        {passage && (
          <span>
            {student ? `written ${notes(key)}` : notes(key)}
            {student &&
              passage.writtenKey !== passage.concertKey &&
              `, sounds ${notes(passage.concertKey)}`}{' '}
            · {passage.noteCount} notes · {passage.notesPerSecond.toFixed(1)} notes a second
          </span>
        )}
        {player.failed && <span role="alert">The sound did not start. Try once more.</span>}
      </p>
      <ClassReadings opened={reading} onClose={() => setReading(false)} />
      {keeping.conflict ? (
        <div role="alert" className={classes.conflict}>
          This step was changed elsewhere, perhaps in another window. Your work is still here.
          <Button size="compact-sm" onClick={() => void keeping.keepAsNew()}>
            Save mine as a new step
          </Button>
          <Button size="compact-sm" variant="default" onClick={() => void keeping.loadOther()}>
            Load the other
          </Button>
        </div>
      ) : (
        keeping.error != null && <Wrong error={keeping.error} />
      )}
    </header>
  );
}
