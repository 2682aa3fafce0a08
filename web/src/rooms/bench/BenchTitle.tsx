import { ActionIcon, Button, Popover } from '@mantine/core';
import {
  IconArrowBackUp,
  IconArrowForwardUp,
  IconPlayerPlayFilled,
  IconPlayerStopFilled,
  IconVolume,
} from '@tabler/icons-react';
import { useState } from 'react';
import { partsOf, type Levels } from '../../sound/mix';
import type { useLoop } from '../../sound/useLoop';
import { LevelList } from '../../ui/LevelList';
import { Wrong } from '../../ui/Wrong';
import { useAround, useDraft, useWorked } from './BenchContext';
import { OverPill } from './beside/OverPill';
import { ThroughPill } from './beside/ThroughPill';
import { WithPills } from './beside/WithPills';
import { ClassReadings } from './ClassReadings';
import { SaveNote } from './SaveNote';
import { signs } from '../../ui/signs';
import classes from './Bench.module.css';

export interface TitleProps {
  player: ReturnType<typeof useLoop>;
  /** How loud each part is wanted. */
  levels: Levels;
  onLevels: (levels: Levels) => void;
  onToggle: () => void;
  onAssign: () => void;
}

/** The title, for whom it is worked out, and what can be done with the whole step. */
export function BenchTitle({ player, levels, onLevels, onToggle, onAssign }: TitleProps) {
  const { state, step, dispatch, saving } = useDraft();
  const { passage } = useWorked();
  const { catalogue, students, student } = useAround();
  const { bpm } = catalogue.bounds;
  const [reading, setReading] = useState(false);
  const key = passage ? (student ? passage.key.written : passage.key.concert) : '';
  return (
    <header className={classes.title}>
      <div className={classes.titleRow}>
        <input
          aria-label="Title"
          className={classes.titleInput}
          maxLength={200}
          placeholder={`${signs(step.document.key.tonic)}, a new step`}
          value={step.document.title}
          onChange={(event) => dispatch({ type: 'title', title: event.currentTarget.value })}
        />
        <SaveNote />
        <ActionIcon
          variant="subtle"
          color="gray"
          aria-label="Undo"
          disabled={state.past.length === 0}
          onClick={() => dispatch({ type: 'undo' })}
        >
          <IconArrowBackUp size={18} />
        </ActionIcon>
        <ActionIcon
          variant="subtle"
          color="gray"
          aria-label="Redo"
          disabled={state.future.length === 0}
          onClick={() => dispatch({ type: 'redo' })}
        >
          <IconArrowForwardUp size={18} />
        </ActionIcon>
        <label className={classes.bpm}>
          <input
            aria-label="Beats a minute"
            type="number"
            min={bpm.least}
            max={bpm.most}
            step="any"
            value={step.document.tempo.bpm}
            onChange={(event) => {
              const { valueAsNumber } = event.currentTarget;
              if (!Number.isNaN(valueAsNumber)) dispatch({ type: 'edit', edit: { bpm: valueAsNumber } });
            }}
          />{' '}
          bpm
        </label>
        <Button size="sm" color="moss" onClick={onAssign}>
          Assign
        </Button>
        <Popover position="bottom-end" trapFocus returnFocus shadow="md" width={280}>
          <Popover.Target>
            <ActionIcon variant="subtle" color="gray" aria-label="What sounds">
              <IconVolume size={18} />
            </ActionIcon>
          </Popover.Target>
          <Popover.Dropdown className={classes.panel}>
            {passage && <LevelList parts={partsOf(passage)} levels={levels} onSet={onLevels} />}
          </Popover.Dropdown>
        </Popover>
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
                {one.name}, {one.instrument.name}
              </option>
            ))}
          </select>
        </label>
        {students.length > 1 && (
          <button type="button" className={classes.everyone} onClick={() => setReading(true)}>
            everybody
          </button>
        )}
        <WithPills />
        <ThroughPill />
        <OverPill />
        {passage && (
          <span>
            {student ? `written ${key}` : key}
            {student &&
              passage.key.written !== passage.key.concert &&
              `, sounds ${passage.key.concert}`} · {passage.noteCount} notes ·{' '}
            {passage.notesPerSecond.toFixed(1)} notes/s
          </span>
        )}
        {player.failed && <span role="alert">The sound did not start. Try once more.</span>}
      </p>
      <ClassReadings opened={reading} onClose={() => setReading(false)} />
      {saving.state === 'conflict' ? (
        <div role="alert" className={classes.conflict}>
          This routine was changed elsewhere, perhaps in another window. Your work is still here.
          <Button size="compact-sm" onClick={saving.saveAsNew}>
            Save mine as a new routine
          </Button>
          <Button size="compact-sm" variant="default" onClick={() => void saving.loadOther()}>
            Load the other
          </Button>
        </div>
      ) : (
        saving.state === 'failed' && <Wrong error={saving.error} again={() => void saving.flush()} />
      )}
    </header>
  );
}
