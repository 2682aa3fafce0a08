import { CloseButton } from '@mantine/core';
import { useEffect, useRef } from 'react';
import type { HandPart } from '../../../api/types';
import { signs } from '../../../ui/signs';
import { Row } from '../Row';
import { useAround, useDraft, useWorked } from '../BenchContext';
import { IntoNext } from './IntoNext';
import { SchoolRows } from './SchoolRows';
import { WayCard } from './WayCard';
import { useFingers } from './useFingers';
import { useOurs } from './useOurs';
import classes from './HandPanel.module.css';

const ANYWHERE = '';
interface Props {
  /** Which note is looked at. */
  note: number;
  onNote: (note: number) => void;
  onClose: () => void;
}

/** How one note is played: its ways side by side, and how else the hand could go about the line. */
export function HandPanel({ note, onNote, onClose }: Props) {
  const { step, dispatch } = useDraft();
  const { passage } = useWorked();
  const { data: fingers, error } = useFingers(note);
  const set = (hand: HandPart) => {
    const empty = !hand.school && !hand.position && !hand.pins?.length;
    dispatch({ type: 'hand', hand: empty ? undefined : hand });
  };
  const { player } = useAround().who;
  const mirrored = player?.hand?.leftHanded ?? false;
  const ours = useOurs();
  const last = (passage?.notes.length ?? 1) - 1;
  const key = passage?.key.written ?? '';
  const panel = useRef<HTMLElement>(null);
  useEffect(() => {
    const before = document.activeElement;
    panel.current?.focus();
    return () => {
      if (before instanceof HTMLElement) before.focus();
    };
  }, []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !event.defaultPrevented) onClose();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [onClose]);
  return (
    <section ref={panel} className={classes.panel} aria-label="How it is played" tabIndex={-1}>
      <header className={classes.head}>
        <button
          type="button"
          aria-label="The note before"
          disabled={note === 0}
          onClick={() => onNote(note - 1)}
        >
          ‹
        </button>
        <h3>
          How {fingers ? <strong>{signs(fingers.written)}</strong> : 'this note'} is played
          <small>
            note {note + 1} of {last + 1}
          </small>
        </h3>
        <button
          type="button"
          aria-label="The next note"
          disabled={note === last}
          onClick={() => onNote(note + 1)}
        >
          ›
        </button>
        <CloseButton aria-label="Close" onClick={onClose} />
      </header>
      {error && <p className={classes.none}>{error.message}</p>}
      {/* What is asked and cannot be kept comes before how it is played instead. */}
      {passage?.hand?.resting?.map((why) => (
        <p key={why} className={classes.none}>
          {why}
        </p>
      ))}
      {fingers && (
        <div className={classes.side}>
          <ul className={classes.ways} aria-label="Ways to play it">
            {fingers.ways.map((way) => (
              <WayCard
                key={way.way}
                way={way}
                neck={fingers.neck}
                written={key}
                onFix={() => set(way.hand)}
                onAlways={() => set(way.always)}
                onLoosen={() => set(fingers.loosened)}
                onUsual={(usual) => ours(fingers.written, way.way, usual)}
                mirrored={mirrored}
              />
            ))}
          </ul>
          <section className={classes.about} aria-label="How the hand goes about">
            {passage?.hand && (
              <IntoNext
                hand={passage.hand}
                notes={passage.notes}
                note={note}
                onNote={onNote}
                mirrored={mirrored}
              />
            )}
            {fingers.schools.length > 1 && <SchoolRows schools={fingers.schools} onChoose={set} />}
            {fingers.positions.length > 0 && (
              <Row
                label="Stays in"
                value={fingers.position ?? ANYWHERE}
                choices={[
                  { value: ANYWHERE, label: 'any position' },
                  ...fingers.positions.map((one) => ({ value: one, label: `position ${one}` })),
                ]}
                onChange={(value) =>
                  set({ ...step.document.hand, position: value === ANYWHERE ? undefined : value })
                }
              />
            )}
          </section>
        </div>
      )}
    </section>
  );
}
