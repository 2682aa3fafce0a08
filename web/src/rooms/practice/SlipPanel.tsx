import { useState } from 'react';
import type { PassageDocument, SlipKind } from '../../api/types';
import { sameTouch, type Touch } from '../../notation/touch';
import { useKeys } from '../../ui/useKeys';
import type { Slips } from './useAnswer';
import { nameOf, signs } from '../../ui/signs';
import buttons from './Buttons.module.css';
import classes from './Slip.module.css';

interface Props {
  passage: PassageDocument;
  stopped: boolean;
  /** How many times it was played to its end: where it was more than once, it is said which times slipped. */
  times: number;
  /** The notes that were touched. */
  touched: Touch[];
  onTouch: (touch: Touch) => void;
  onKeep: (slips: Slips) => void;
}

const KINDS: SlipKind[] = ['notes', 'rhythm', 'evenness', 'tone', 'tension', 'finger'];

function toggled<T>(list: T[], one: T): T[] {
  return list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
}

function isOnly<T>(list: T[], one: T): boolean {
  return list.length === 1 && list[0] === one;
}

function noteOf(passage: PassageDocument, { index, voice }: Touch) {
  return (voice === undefined ? passage.notes : passage.voices![voice]!.notes)[index]!;
}

/** A touched note as it is kept: on a walk with its key, of a further voice with who plays it. */
function slippedOf(passage: PassageDocument, touch: Touch) {
  const { index, voice } = touch;
  const station = passage.stations?.find((one) => one.from <= index && index <= one.to)?.index;
  return {
    index,
    pitch: noteOf(passage, touch).pitch,
    by: voice === undefined ? undefined : passage.voices![voice]!.by,
    station: voice === undefined ? station : undefined,
  };
}

/** What slipped, and where: kinds to choose, the notes to touch, and a word to the teacher. All of it may be left out. */
export function SlipPanel({ passage, stopped, times, touched, onTouch, onKeep }: Props) {
  const [kinds, setKinds] = useState<SlipKind[]>([]);
  const [which, setWhich] = useState(stopped ? [] : [times]);
  const [found, setFound] = useState({ touched, at: 0 });
  const [note, setNote] = useState('');
  // Of fingers is spoken where it is known how they go.
  const offered = KINDS.filter((kind) => kind !== 'finger' || passage.hand);
  const toggle = (kind: SlipKind) => setKinds((now) => toggled(now, kind));
  // The finder goes on from the note that was touched last.
  const at =
    found.touched === touched
      ? found.at
      : (touched.filter((one) => one.voice === undefined).at(-1)?.index ?? found.at);
  const inOrder = [...touched].sort((a, b) => (a.voice ?? -1) - (b.voice ?? -1) || a.index - b.index);
  const keep = () =>
    onKeep({
      slipped: { kinds, notes: inOrder.map((touch) => slippedOf(passage, touch)) },
      note,
      times: which,
    });
  const move = (by: number) =>
    setFound({ touched, at: Math.min(passage.noteCount - 1, Math.max(0, at + by)) });
  useKeys({
    ...Object.fromEntries(offered.map((kind, i) => [String(i + 1), () => toggle(kind)])),
    Enter: keep,
    ArrowRight: keep,
    ArrowDown: keep,
    PageDown: keep,
  });
  const pitch = (touch: Touch) => signs(nameOf(noteOf(passage, touch).pitch));
  const said = (touch: Touch) => {
    const voice = touch.voice === undefined ? undefined : passage.voices?.[touch.voice];
    return `${pitch(touch)} (note ${touch.index + 1}${voice ? `, ${voice.who}` : ''})`;
  };
  const here = { index: at };
  return (
    <div className={classes.slipping}>
      <h2>{stopped ? 'What stopped you?' : 'What slipped?'}</h2>
      <div className={`${buttons.pills} ${classes.kinds}`} role="group" aria-label="Kind of slip">
        {offered.map((kind) => (
          <button key={kind} type="button" aria-pressed={kinds.includes(kind)} onClick={() => toggle(kind)}>
            {kind}
          </button>
        ))}
      </div>
      <div className={classes.places}>
        {times > (stopped ? 0 : 1) && (
          <WhichTimes
            question={stopped ? 'Slips before that?' : 'Which time?'}
            times={times}
            which={which}
            onToggle={(time) => setWhich((now) => (stopped || !isOnly(now, time) ? toggled(now, time) : now))}
          />
        )}
        <div className={classes.where} role="group" aria-label="Where it slipped">
          <span aria-live="polite">
            {touched.length === 0 ? 'Touch the note, or find it:' : `At ${inOrder.map(said).join(', ')}.`}
          </span>
          <span className={`${buttons.pills} ${classes.finder}`}>
            <button type="button" aria-label="The note before" onClick={() => move(-1)}>
              ‹
            </button>
            <button
              type="button"
              aria-pressed={touched.some((one) => sameTouch(one, here))}
              onClick={() => onTouch(here)}
            >
              note {at + 1}, {pitch(here)}
            </button>
            <button type="button" aria-label="The next note" onClick={() => move(1)}>
              ›
            </button>
          </span>
        </div>
      </div>
      <input
        className={classes.note}
        aria-label="A word to your teacher"
        placeholder="a word to your teacher, if you like"
        maxLength={500}
        value={note}
        onChange={(event) => setNote(event.currentTarget.value)}
      />
      <button type="button" className={classes.keepIt} data-first onClick={keep}>
        Keep it
      </button>
    </div>
  );
}

interface WhichTimesProps {
  question: string;
  times: number;
  which: number[];
  onToggle: (time: number) => void;
}

/** Which times of a run slipped; the others were clean. */
function WhichTimes({ question, times, which, onToggle }: WhichTimesProps) {
  return (
    <div className={classes.where} role="group" aria-label="Which times slipped">
      <span>{question}</span>
      <span className={`${buttons.pills} ${classes.finder}`}>
        {Array.from({ length: times }, (_, i) => i + 1).map((time) => (
          <button
            key={time}
            type="button"
            aria-label={`Time ${time}`}
            aria-pressed={which.includes(time)}
            onClick={() => onToggle(time)}
          >
            {time}
          </button>
        ))}
      </span>
    </div>
  );
}
