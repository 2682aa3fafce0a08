import { useState } from 'react';
import type { PassageDocument, Slipped } from '../../api/types';
import { useKeys } from '../../ui/useKeys';
import { notes } from '../../ui/words';
import buttons from './Buttons.module.css';
import classes from './Slip.module.css';

interface Props {
  passage: PassageDocument;
  stopped: boolean;
  /** The notes that were touched, by index. */
  touched: number[];
  onTouch: (index: number) => void;
  onKeep: (slipped: Slipped, note: string) => void;
}

const KINDS: NonNullable<Slipped['kinds']> = ['notes', 'rhythm', 'evenness', 'tone', 'tension'];

/** What slipped, and where: kinds to choose, the notes to touch, and a word to the teacher. All of it may be left out. */
export function SlipPanel({ passage, stopped, touched, onTouch, onKeep }: Props) {
  const [kinds, setKinds] = useState<string[]>([]);
  const [at, setAt] = useState(0);
  const [note, setNote] = useState('');
  const toggle = (kind: string) =>
    setKinds((now) => (now.includes(kind) ? now.filter((one) => one !== kind) : [...now, kind]));
  const keep = () =>
    onKeep({ kinds, notes: touched.map((index) => ({ index, pitch: passage.notes[index]!.pitch })) }, note);
  const move = (by: number) => setAt((now) => Math.min(passage.noteCount - 1, Math.max(0, now + by)));
  useKeys({
    ...Object.fromEntries(KINDS.map((kind, i) => [String(i + 1), () => toggle(kind)])),
    Enter: keep,
    ArrowRight: keep,
    ArrowDown: keep,
    PageDown: keep,
  });
  const pitch = (index: number) => notes(passage.notes[index]!.pitch.replace(/-?\d+$/, ''));
  return (
    <div className={classes.slipping}>
      <h2>{stopped ? 'What stopped you?' : 'What slipped?'}</h2>
      <div className={`${buttons.pills} ${classes.kinds}`} role="group" aria-label="Kind of slip">
        {KINDS.map((kind) => (
          <button key={kind} type="button" aria-pressed={kinds.includes(kind)} onClick={() => toggle(kind)}>
            {kind}
          </button>
        ))}
      </div>
      <div className={classes.where} role="group" aria-label="Where it slipped">
        <span aria-live="polite">
          {touched.length === 0
            ? 'Touch the note, or find it:'
            : `At ${touched.map((index) => `${pitch(index)} (note ${index + 1})`).join(', ')}.`}
        </span>
        <span className={`${buttons.pills} ${classes.finder}`}>
          <button type="button" aria-label="The note before" onClick={() => move(-1)}>
            ‹
          </button>
          <button type="button" aria-pressed={touched.includes(at)} onClick={() => onTouch(at)}>
            note {at + 1}, {pitch(at)}
          </button>
          <button type="button" aria-label="The next note" onClick={() => move(1)}>
            ›
          </button>
        </span>
      </div>
      <input
        className={classes.note}
        aria-label="A word to your teacher"
        placeholder="a word to your teacher, if you like"
        maxLength={500}
        value={note}
        onChange={(event) => setNote(event.currentTarget.value)}
      />
      <button type="button" className={classes.keepIt} autoFocus onClick={keep}>
        Keep it
      </button>
    </div>
  );
}
