import { useElementSize, useMergedRef } from '@mantine/hooks';
import { useEffect, useRef, useState } from 'react';
import type { PassageDocument } from '../api/types';
import type { Lights } from '../sound/lights';
import type { Drawn } from './draw';
import { fingersOf, type Fingers } from './fingers';
import { signs } from '../ui/signs';
import { LINE } from './staves';
import type { Touch } from './touch';
import { roomFor, type WordLine } from './words';
import classes from './Engraving.module.css';

interface Props {
  passage: PassageDocument;
  /** Tells which note sounds; the engraving lights it and keeps it in view. */
  lights?: Lights;
  /** The largest scale to draw at; it gets smaller until the whole line fits the room there is. */
  largest?: number;
  /** It may be as high as it needs, as on paper, and is not drawn smaller to fit. */
  tall?: boolean;
  /** What stands under the notes. */
  words?: Words;
  /** Notes to mark. */
  marked?: Touch[];
  /** Told which note was touched; the nearest one is meant. */
  onTouch?: (touch: Touch) => void;
}

/** So much of the paper, in pixels, may be out of sight before it is drawn smaller. */
const SLACK = 12;

/** So much higher the room must have become for it to be drawn larger. */
const MUCH = 1.3;

/** A touch further from every note than this, in pixels, means none. */
const REACH = 44;

/** The note whose head is nearest to a point of the window, of all voices. */
function nearest(drawn: Drawn, x: number, y: number): Touch | undefined {
  let best: Touch | undefined;
  let least = REACH;
  for (const [voice, notes] of drawn.voices) {
    for (const [index, [head]] of notes) {
      const box = head?.getBoundingClientRect();
      if (!box) continue;
      const apart = Math.hypot(x - (box.left + box.width / 2), (y - (box.top + box.height / 2)) / 2);
      if (apart < least) {
        least = apart;
        best = voice === LINE ? { index } : { index, voice };
      }
    }
  }
  return best;
}

export interface Words {
  counts: boolean;
  degrees: boolean;
  /** Not said where it is not wanted: what is kept of before does not know it. */
  solfa?: boolean;
  /** At which notes, where not at all of them. */
  hand?: boolean | Fingers;
}

/** The word of each note for each line that is wanted. */
function linesOf(passage: PassageDocument, words: Words | undefined): WordLine[] {
  const lines: WordLine[] = words?.hand
    ? fingersOf(passage, words.hand === true ? 'always' : words.hand)
    : [];
  const add = (said: string[]) => lines.push({ voice: LINE, words: said });
  if (words?.counts) add(passage.notes.map((note) => note.said));
  if (words?.solfa) add(passage.notes.map((note) => note.solfa));
  if (words?.degrees) add(passage.notes.map((note) => signs(note.degree)));
  return lines;
}

/** The engraved notes. The engraver is loaded when it is first needed. */
export function Engraving({ passage, lights, largest = 1, tall = false, words, marked, onTouch }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const { ref: measured, width } = useElementSize<HTMLDivElement>();
  const bothRefs = useMergedRef(frame, measured);
  const paper = useRef<HTMLDivElement>(null);
  const drawn = useRef<Drawn | undefined>(undefined);
  const score = passage.notated?.score;
  const drawnFor = useRef(0);
  const [unfit, setUnfit] = useState(0);
  const [drawings, setDrawings] = useState(0);
  useEffect(() => {
    // Where the room for it has become too low, or much higher, it is drawn again; it does not jump for less.
    const room = tall ? undefined : frame.current?.parentElement;
    if (!room) return;
    const observer = new ResizeObserver(() => {
      const svg = paper.current?.querySelector('svg');
      if (!svg) return;
      const tooHigh = Number(svg.getAttribute('height')) > room.clientHeight + SLACK;
      if (tooHigh || room.clientHeight > drawnFor.current * MUCH) setUnfit((times) => times + 1);
    });
    observer.observe(room);
    return () => observer.disconnect();
  }, [tall]);
  useEffect(() => {
    let current = true;
    const lines = linesOf(passage, words);
    if (!score || width < 40) return;
    void import('./draw').then(async ({ draw, fittingScale, signsReady }) => {
      await Promise.all([signsReady, document.fonts.ready]);
      // After the next frame: what is quick to show, a sentence or the pulse, is shown before the engraving is drawn.
      await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
      if (!current || !paper.current) return;
      const room = tall ? Infinity : (frame.current?.parentElement?.clientHeight ?? Infinity);
      drawnFor.current = room;
      const scale = fittingScale(score, width, room, largest, roomFor(lines));
      const began = performance.now();
      const whole = await draw(paper.current, score, width / scale, lines, () => current);
      if (!whole || !paper.current) return;
      drawn.current = whole;
      performance.measure('engrave', { start: began });
      const { height } = whole;
      const svg = paper.current.querySelector('svg');
      svg?.setAttribute('viewBox', `0 0 ${width / scale} ${height}`);
      svg?.removeAttribute('style');
      svg?.setAttribute('width', String(width));
      svg?.setAttribute('height', String(height * scale));
      setDrawings((times) => times + 1);
    });
    return () => {
      current = false;
    };
  }, [passage, score, width, largest, tall, words, frame, unfit]);

  useEffect(() => {
    if (!lights) return;
    const lit = new Map<number, SVGElement[]>();
    return lights.subscribe((index, voice = LINE) => {
      const over = index === undefined ? [...lit.values()].flat() : (lit.get(voice) ?? []);
      over.forEach((element) => element.classList.remove('lit'));
      if (index === undefined) lit.clear();
      else lit.set(voice, drawn.current?.voices.get(voice)?.get(index) ?? []);
      const now = lit.get(voice) ?? [];
      now.forEach((element) => element.classList.add('lit'));
      const [first] = now;
      // The page turns by the line alone.
      if (first && voice === LINE) keepInView(first);
      else if (index === undefined) paper.current?.parentElement?.scrollTo({ top: 0 });
    });
  }, [lights]);

  useEffect(() => {
    const elements = (marked ?? []).flatMap(
      ({ index, voice }) => drawn.current?.voices.get(voice ?? LINE)?.get(index) ?? [],
    );
    elements.forEach((element) => element.classList.add('marked'));
    return () => elements.forEach((element) => element.classList.remove('marked'));
  }, [marked, drawings]);

  if (!score) {
    return (
      <p className={classes.refused}>{passage.notated?.refusal ?? 'There is nothing to engrave here.'}</p>
    );
  }
  const first = passage.notes[0]!;
  return (
    <div
      ref={bothRefs}
      className={classes.frame}
      role="img"
      aria-label={`${passage.noteCount} notes in ${passage.key.written}, from ${signs(first.pitch)} on ${passage.pulse?.starts ?? first.count}, in ${score.meter}`}
    >
      <div
        ref={paper}
        data-tall={tall || undefined}
        className={`${classes.paper} ${onTouch ? classes.touchable : ''}`}
        onPointerUp={(event) => {
          const touch = drawn.current && onTouch && nearest(drawn.current, event.clientX, event.clientY);
          if (touch) onTouch!(touch);
        }}
      />
    </div>
  );
}

const ABOVE_NOTE = 46;
/** The page turns while this much of it, below the note that sounds, is still unread. */
const UNREAD = 0.35;

/**
 * Turns the page before its end: when a note in the lower part of what is seen lights up and more follows below, its
 * system goes to the top.
 */
function keepInView(element: SVGElement) {
  const frame = element.closest(`.${classes.frame}`)?.parentElement;
  if (!frame || frame.scrollHeight <= frame.clientHeight + 4) return;
  const note = element.getBoundingClientRect();
  const view = frame.getBoundingClientRect();
  const more = frame.scrollTop + frame.clientHeight < frame.scrollHeight - 4;
  const low = note.bottom > view.bottom - view.height * UNREAD && note.top > view.top + ABOVE_NOTE + 8;
  if (note.top < view.top + 8 || (more && low)) {
    const calm = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    frame.scrollTo({
      top: frame.scrollTop + note.top - view.top - ABOVE_NOTE,
      behavior: calm ? 'auto' : 'smooth',
    });
  }
}
