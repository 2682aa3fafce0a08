import { useElementSize, useMergedRef } from '@mantine/hooks';
import { useEffect, useRef } from 'react';
import type { PassageDocument } from '../api/types';
import type { Lights } from '../sound/lights';
import { degreeSigns, notes } from '../ui/words';
import type { Drawn } from './draw';
import classes from './Engraving.module.css';

interface Props {
  passage: PassageDocument;
  /** Tells which note sounds; the engraving lights it and keeps it in view. */
  lights?: Lights;
  /** The largest scale to draw at; it gets smaller until the whole line fits the room there is. */
  largest?: number;
  /** What stands under the notes. */
  words?: Words;
}

export interface Words {
  counts: boolean;
  degrees: boolean;
}

/** The word of each note for each line that is wanted. */
function linesOf(passage: PassageDocument, words: Words | undefined): string[][] {
  const lines: string[][] = [];
  if (words?.counts) lines.push(passage.notes.map((note) => note.said));
  if (words?.degrees) lines.push(passage.notes.map((note) => degreeSigns(note.degree)));
  return lines;
}

/** The engraved notes. The engraver is loaded when it is first needed. */
export function Engraving({ passage, lights, largest = 1, words }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const { ref: measured, width } = useElementSize<HTMLDivElement>();
  const bothRefs = useMergedRef(frame, measured);
  const paper = useRef<HTMLDivElement>(null);
  const drawn = useRef<Drawn | undefined>(undefined);
  const { score } = passage;
  useEffect(() => {
    let current = true;
    const lines = linesOf(passage, words);
    if (!score || width < 40) return;
    void import('./draw').then(async ({ draw, fittingScale }) => {
      await document.fonts.ready;
      // After the next frame: what is quick to show, a sentence or the pulse, is shown before the engraving is drawn.
      await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
      if (!current || !paper.current) return;
      const room = frame.current?.parentElement?.clientHeight ?? Infinity;
      const scale = fittingScale(score, width, room, largest, lines.length);
      const began = performance.now();
      drawn.current = draw(paper.current, score, width / scale, lines);
      performance.measure('engrave', { start: began });
      const { height } = drawn.current;
      const svg = paper.current.querySelector('svg');
      svg?.setAttribute('viewBox', `0 0 ${width / scale} ${height}`);
      svg?.removeAttribute('style');
      svg?.setAttribute('width', String(width));
      svg?.setAttribute('height', String(height * scale));
    });
    return () => {
      current = false;
    };
  }, [passage, score, width, largest, words, frame]);

  useEffect(() => {
    if (!lights) return;
    let lit: SVGElement[] = [];
    return lights.subscribe((index) => {
      lit.forEach((element) => element.classList.remove('lit'));
      lit = index === undefined ? [] : (drawn.current?.notes.get(index) ?? []);
      lit.forEach((element) => element.classList.add('lit'));
      const [first] = lit;
      if (first) keepInView(first);
      else if (index === undefined) paper.current?.parentElement?.scrollTo({ top: 0 });
    });
  }, [lights]);

  if (!score) {
    return <p className={classes.refused}>{passage.scoreRefusal ?? 'There is nothing to engrave here.'}</p>;
  }
  const first = passage.notes[0]!;
  return (
    <div
      ref={bothRefs}
      className={classes.frame}
      role="img"
      aria-label={notes(
        `${passage.noteCount} notes in ${passage.writtenKey}, from ${first.pitch} on ${first.count}, in ${score.meter}`,
      )}
    >
      <div ref={paper} className={classes.paper} />
    </div>
  );
}

/** Turns the page: scrolls the frame so that the system of a note is seen. */
function keepInView(element: SVGElement) {
  const frame = element.closest(`.${classes.frame}`)?.parentElement;
  if (!frame || frame.scrollHeight <= frame.clientHeight + 4) return;
  const note = element.getBoundingClientRect();
  const view = frame.getBoundingClientRect();
  if (note.top < view.top + 8 || note.bottom > view.bottom - 8) {
    frame.scrollTo({ top: frame.scrollTop + note.top - view.top - 46, behavior: 'smooth' });
  }
}
