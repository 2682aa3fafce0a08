import { CloseButton, Popover } from '@mantine/core';
import { useEffect } from 'react';
import type { HandPart } from '../../../api/types';
import { signs } from '../../../ui/signs';
import { Row } from '../Row';
import { useDraft, useWorked } from '../BenchContext';
import { SchoolRows } from './SchoolRows';
import { WayCard } from './WayCard';
import { useFingers } from './useFingers';
import classes from './HandPanel.module.css';

const ANYWHERE = '';
const WIDTH = 640;

/** Which note is looked at, and where on the screen it stands. */
export interface Asked {
  note: number;
  x: number;
  y: number;
}

interface Props {
  asked: Asked;
  onNote: (note: number) => void;
  onClose: () => void;
}

/** How one note is played: its ways side by side, and how else the hand could go about the line. */
export function HandPanel({ asked, onNote, onClose }: Props) {
  const { step, dispatch } = useDraft();
  const { passage } = useWorked();
  const { data: fingers, error } = useFingers(asked.note);
  const set = (hand: HandPart) => {
    const empty = !hand.school && !hand.position && !hand.pins?.length;
    dispatch({ type: 'hand', hand: empty ? undefined : hand });
  };
  const last = (passage?.notes.length ?? 1) - 1;
  const key = passage?.key.written ?? '';
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !event.defaultPrevented) onClose();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [onClose]);
  return (
    <Popover
      opened
      onChange={(open) => !open && onClose()}
      position="bottom"
      width={WIDTH}
      shadow="md"
      trapFocus
      returnFocus
    >
      <Popover.Target>
        <span className={classes.anchor} style={{ left: asked.x, top: asked.y }} />
      </Popover.Target>
      <Popover.Dropdown className={classes.panel}>
        <header className={classes.head}>
          <button
            type="button"
            aria-label="The note before"
            disabled={asked.note === 0}
            onClick={() => onNote(asked.note - 1)}
          >
            ‹
          </button>
          <h3>
            How {fingers ? <strong>{signs(fingers.written)}</strong> : 'this note'} is played
            <small>
              note {asked.note + 1} of {last + 1}
            </small>
          </h3>
          <button
            type="button"
            aria-label="The next note"
            disabled={asked.note === last}
            onClick={() => onNote(asked.note + 1)}
          >
            ›
          </button>
          <CloseButton aria-label="Close" onClick={onClose} />
        </header>
        {error && <p className={classes.none}>{error.message}</p>}
        {fingers && (
          <>
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
                />
              ))}
            </ul>
            {(fingers.schools.length > 1 || fingers.positions.length > 0) && (
              <section className={classes.about} aria-label="How the hand goes about">
                {fingers.schools.length > 1 && <SchoolRows schools={fingers.schools} onChoose={set} />}
                {fingers.positions.length > 0 && (
                  <Row
                    label="Stays in"
                    value={fingers.position ?? ANYWHERE}
                    choices={[
                      { value: ANYWHERE, label: 'whichever position is easiest' },
                      ...fingers.positions.map((one) => ({ value: one, label: `position ${one}` })),
                    ]}
                    onChange={(value) =>
                      set({ ...step.document.hand, position: value === ANYWHERE ? undefined : value })
                    }
                  />
                )}
              </section>
            )}
          </>
        )}
      </Popover.Dropdown>
    </Popover>
  );
}
