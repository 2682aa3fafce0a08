import { Button, Modal, TextInput } from '@mantine/core';
import { IconPlayerPlayFilled, IconPlayerStopFilled } from '@tabler/icons-react';
import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { useRoutines } from '../../api/routines';
import type { PassageDocument, StepDocument } from '../../api/types';
import { Engraving } from '../../notation/Engraving';
import { barsOf } from '../../sound/bars';
import { onceThrough } from '../../sound/lapClock';
import { useRun } from '../../sound/useRun';
import { Wrong } from '../../ui/Wrong';
import { tried } from '../../core/answers';
import { useAround, useDraft } from './BenchContext';
import { usePassage } from './who';
import { allFinds, search, type Find } from './material';
import { NewForStudent } from './NewForStudent';
import classes from './MaterialBrowser.module.css';

interface Props {
  opened: boolean;
  onClose: () => void;
}

/** Finds a form or a pattern by typing, shows it engraved and sounded in the key of the bench, and takes it. */
export function MaterialBrowser({ opened, onClose }: Props) {
  return (
    <Modal opened={opened} onClose={onClose} title="Find a form, a pattern or a routine" size={980} centered>
      <Browser onClose={onClose} />
    </Modal>
  );
}

function Browser({ onClose }: { onClose: () => void }) {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  const routines = useRoutines();
  const navigate = useNavigate();
  const kept = routines.data?.items;
  const finds = useMemo(() => allFinds(catalogue, kept ?? []), [catalogue, kept]);
  const found = useMemo(() => search(finds, text), [finds, text]);
  const at = Math.min(chosen, found.length - 1);
  const shown = found[at];
  const preview = useMemo(
    () => (shown?.edit ? tried('edit', { step: step.document, edit: shown.edit }).answer?.step : undefined),
    [step.document, shown],
  );
  const take = (find: Find | undefined) => {
    if (!find) return;
    if (find.edit) dispatch({ type: 'edit', edit: find.edit });
    if (find.routine) navigate(`/bench/${find.routine.id}`);
    onClose();
  };
  const move = (to: number) => {
    const next = Math.max(0, Math.min(found.length - 1, to));
    setChosen(next);
    list.current?.querySelectorAll('li')[next]?.scrollIntoView({ block: 'nearest' });
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      move(at + (event.key === 'ArrowDown' ? 1 : -1));
    }
    if (event.key === 'Enter') {
      event.preventDefault();
      take(shown);
    }
  };
  return (
    <div className={classes.browser}>
      <div className={classes.finder}>
        <TextInput
          aria-label="Type what you look for"
          placeholder="thirds, minor, seventh …"
          data-autofocus
          value={text}
          maxLength={60}
          onChange={(event) => {
            setText(event.currentTarget.value);
            setChosen(0);
          }}
          onKeyDown={onKeyDown}
        />
        <ul ref={list} className={classes.list} aria-label="Found">
          {found.map((find, i) => (
            <li key={find.id}>
              {(i === 0 || found[i - 1]!.family !== find.family) && <h3>{find.family}</h3>}
              <button
                type="button"
                aria-pressed={i === at}
                onClick={() => setChosen(i)}
                onDoubleClick={() => take(find)}
              >
                {find.name}
              </button>
            </li>
          ))}
        </ul>
        {found.length === 0 && (
          <p className={classes.none}>
            Nothing goes by that name. Try a shorter word, or degrees such as b3.
          </p>
        )}
      </div>
      {preview && <Preview key={shown!.id} find={shown!} step={preview} onTake={() => take(shown)} />}
      {shown?.routine && (
        <section className={classes.preview} aria-label="What it is">
          <h2>{shown.name}</h2>
          <p className={classes.about}>{shown.description}</p>
          <div className={classes.acts}>
            <Button onClick={() => take(shown)}>Open it</Button>
          </div>
        </section>
      )}
    </div>
  );
}

interface PreviewProps {
  find: Find;
  step: StepDocument;
  onTake: () => void;
}

function Preview({ find, step, onTake }: PreviewProps) {
  const { student, who } = useAround();
  const { answer: passage, refused } = usePassage(step, who);
  const player = useRun(() => undefined);
  const hear = (heard: PassageDocument) =>
    void player.start({ laps: [onceThrough(barsOf(heard), true)], drone: [], mix: {}, latencyMs: 0 });
  return (
    <section className={classes.preview} aria-label="What it is">
      <h2>
        {passage ? (student ? passage.key.written : passage.key.concert) : find.name}
        {find.kind === 'pattern' && `, ${find.name.toLowerCase()}`}
      </h2>
      <p className={classes.about}>
        {find.description} {find.degrees && <span>{find.degrees}</span>}
      </p>
      <div className={classes.paper}>
        {refused && <Wrong error={refused} />}
        {passage && <Engraving passage={passage} lights={player.lights} />}
      </div>
      {passage && (
        <>
          <p className={classes.count}>{passage.noteCount} notes</p>
          <NewForStudent passage={passage} />
        </>
      )}
      <div className={classes.acts}>
        <Button
          variant="default"
          disabled={!passage}
          leftSection={
            player.playing ? <IconPlayerStopFilled size={16} /> : <IconPlayerPlayFilled size={16} />
          }
          onClick={() => (player.playing ? player.stop() : passage && hear(passage))}
        >
          {player.playing ? 'Stop' : 'Hear it'}
        </Button>
        <Button onClick={onTake}>Take it</Button>
      </div>
    </section>
  );
}
