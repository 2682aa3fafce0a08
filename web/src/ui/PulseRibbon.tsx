import { useElementSize } from '@mantine/hooks';
import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { PassageDocument, PulseDocument } from '../api/types';
import type { Lights } from '../sound/lights';
import { leastApart, PulseRow, rowHeight, type RowView } from './PulseRow';
import classes from './PulseRibbon.module.css';

interface Props {
  passage: PassageDocument;
  pulse: PulseDocument;
  /** Moves the place by that many clicks; without it the ribbon only shows. */
  onNudge?: (clicks: number) => void;
  /** Moves the place to the nearest one to a position, in whole notes from the downbeat; the same number for one drag. */
  onPlace?: (x: number, drag: number) => void;
  /** Tells which note sounds; its pebble is lit. */
  lights?: Lights;
  /** Clicks may stand closer than they can be dragged by, so that more fits into a row. */
  dense?: boolean;
}

const NARROWEST_CLICK = 9.5;
const DENSEST_CLICK = 5.5;
/** So many pixels lie between two pebbles, and between two beats, where they can just be told apart. */
const PEBBLES_APART = 9;
const BEATS_APART = 15;
const WIDEST_CLICK = 30;
const MOST_ROWS_WIDE = 3;
/** A drag by less than this, in whole notes, cannot reach another place. */
const SMALLEST_MOVE = 1 / 192;

/** How many drags there were; each has its number. */
let drags = 0;

/** The narrowest click at which pebbles and beats can be told apart: where notes are long, much fits into a row. */
function densest({ attacks, ticks, click }: PulseDocument): number {
  const beats = ticks.filter((tick) => tick.weight < 2).map((tick) => tick.x);
  const perWhole = Math.max(PEBBLES_APART / leastApart(attacks), BEATS_APART / leastApart(beats));
  return Math.min(DENSEST_CLICK, perWhole * click);
}

/** Cuts the ribbon into rows of whole bars: as few as stay readable. */
function rows(
  pulse: PulseDocument,
  width: number,
  narrowest: number,
  mostRows: number,
): { views: RowView[]; perWhole: number } {
  const bars = Math.max(1, Math.ceil((pulse.to - pulse.from) / pulse.bar - 1e-9));
  const span = pulse.to - pulse.from;
  const whole = (pulse.bar / pulse.click) * narrowest;
  // One row while every click can be told apart; then whole bars a row, squeezed to beats where there are very many.
  if (span * (narrowest / pulse.click) <= width) {
    const perWhole = Math.min(width / span, WIDEST_CLICK / pulse.click);
    return { views: [{ from: pulse.from, to: pulse.to }], perWhole };
  }
  const fitting = Math.max(1, Math.floor(width / whole));
  const perRow = Math.max(fitting, Math.ceil(bars / mostRows));
  const perWhole = width / (perRow * pulse.bar);
  const views: RowView[] = [];
  for (let at = pulse.from; at < pulse.to - 1e-9; at += perRow * pulse.bar) {
    views.push({ from: at, to: Math.min(pulse.to, at + perRow * pulse.bar) });
  }
  return { views, perWhole };
}

/**
 * The pulse: bars as bands cut into clicks, attacks as pebbles in exact position, the target as a flat stone. Dragging
 * it, or the arrow keys on it, move the place by clicks.
 */
export function PulseRibbon({ passage, pulse, onNudge, onPlace, lights, dense }: Props) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const drag = useRef<{ id: number; x: number; from: number; moved: number } | undefined>(undefined);
  const { views, perWhole } = rows(
    pulse,
    Math.max(width, 260) - 24,
    dense ? densest(pulse) : NARROWEST_CLICK,
    passage.stations ? Infinity : MOST_ROWS_WIDE,
  );
  const high = rowHeight(pulse);
  const drawing = useRef<SVGSVGElement>(null);
  useEffect(
    () =>
      lights?.subscribe((index, voice) => {
        const own = voice === undefined ? '[data-attack]' : `[data-voice^="${voice} "]`;
        const over = index === undefined ? '.lit' : `${own}.lit`;
        drawing.current?.querySelectorAll(over).forEach((pebble) => pebble.classList.remove('lit'));
        const its = voice === undefined ? `[data-attack="${index}"]` : `[data-voice="${voice} ${index}"]`;
        const pebble = drawing.current?.querySelector(its);
        pebble?.classList.add('lit');
        if (pebble && voice === undefined) keepRowInView(pebble, high);
      }),
    [lights, high],
  );
  const { landing } = passage;
  const start = passage.notes[0]!;

  const onPointerDown = (event: PointerEvent<HTMLDivElement>) => {
    if (!onNudge || event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drags += 1;
    drag.current = { id: drags, x: event.clientX, from: pulse.attacks[0]!, moved: 0 };
  };
  const onPointerMove = (event: PointerEvent<HTMLDivElement>) => {
    if (!drag.current || !onNudge) return;
    const moved = (event.clientX - drag.current.x) / perWhole;
    if (Math.abs(moved - drag.current.moved) < SMALLEST_MOVE) return;
    drag.current.moved = moved;
    onPlace?.(drag.current.from + moved, drag.current.id);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    onNudge?.(event.key === 'ArrowLeft' ? -1 : 1);
  };
  const slider = onNudge
    ? {
        role: 'slider',
        tabIndex: 0,
        'aria-label': 'Place: where the line starts',
        'aria-valuemin': 0,
        'aria-valuemax': pulse.place.of - 1,
        'aria-valuenow': Math.min(pulse.place.at, pulse.place.of - 1),
        'aria-valuetext': `Starts on ${pulse.starts}${start.bar < 1 ? ', in the bar before' : ''}. ${landing.sentence} ${landing.why}`,
        onKeyDown,
      }
    : { role: 'img', 'aria-label': `Starts on ${pulse.starts}. ${landing.sentence}` };
  return (
    <div
      ref={ref}
      {...slider}
      className={`${classes.ribbon} ${onNudge ? classes.movable : ''}`}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={() => (drag.current = undefined)}
      onPointerCancel={() => (drag.current = undefined)}
    >
      <svg ref={drawing} width="100%" height={views.length * high} aria-hidden="true">
        {views.map((view, i) => (
          <PulseRow
            key={view.from}
            view={view}
            top={i * high}
            perWhole={perWhole}
            passage={passage}
            pulse={pulse}
          />
        ))}
      </svg>
    </div>
  );
}

/** Scrolls what holds the ribbon so that the row of a pebble is seen. */
function keepRowInView(pebble: Element, high: number) {
  const view = pebble.closest(`.${classes.ribbon}`)?.parentElement;
  if (!view || view.scrollHeight <= view.clientHeight + 4) return;
  const top = pebble.getBoundingClientRect().top - view.getBoundingClientRect().top;
  if (top < 0 || top > view.clientHeight - high / 2) view.scrollTo({ top: view.scrollTop + top - high / 2 });
}
