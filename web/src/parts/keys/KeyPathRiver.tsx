import { useElementSize } from '@mantine/hooks';
import type { KeyStone } from '../../api/types';
import { Stone, type StoneTone } from '../../ui/Stone';
import { short } from '../../ui/words';
import { signs } from '../../ui/signs';
import classes from './KeyPathRiver.module.css';

interface Props {
  stones: KeyStone[];
  mostRings: number;
  chosen: string;
  /** The key that a plan is in. */
  now?: string;
  onChoose: (tonic: string) => void;
}

interface Place {
  x: number;
  y: number;
}

const ROW = 156;

/** Where the stones lie: rows of the river, each row walked back the other way. */
function places(count: number, width: number): { at: Place[]; height: number } {
  const columns = width > 860 ? 6 : width > 520 ? 4 : 3;
  const rows = Math.ceil(count / columns);
  const step = width / columns;
  const at = Array.from({ length: count }, (_, i) => {
    const row = Math.floor(i / columns);
    const along = i % columns;
    const column = row % 2 === 0 ? along : columns - 1 - along;
    return { x: step * (column + 0.5), y: 64 + row * ROW + Math.sin(i * 1.9) * 13 };
  });
  return { at, height: rows * ROW };
}

function river(at: Place[]): string {
  return at
    .map((place, i) => {
      const before = at[i - 1];
      if (!before) return `M${place.x} ${place.y}`;
      if (Math.abs(before.y - place.y) > ROW / 2) {
        const out = before.x + (before.x > 200 ? 84 : -84);
        return `C${out} ${before.y} ${out} ${place.y} ${place.x} ${place.y}`;
      }
      const middle = (before.x + place.x) / 2;
      return `C${middle} ${before.y} ${middle} ${place.y} ${place.x} ${place.y}`;
    })
    .join('');
}

function tone(stone: KeyStone, mostRings: number): StoneTone {
  if (stone.forms.length === 0) return 'hollow';
  if (stone.fading) return 'clay';
  if (stone.rings === 0) return 'sand';
  return stone.rings >= mostRings ? 'moss' : 'river';
}

function said(stone: KeyStone, mostRings: number): string {
  if (stone.forms.length === 0) return 'not met';
  const best = Math.max(...stone.forms.map((form) => form.bestNotesPerSecond ?? 0));
  if (best === 0) return 'assigned';
  if (stone.fading) return `fading · ${short(best)} notes/s`;
  return stone.rings >= mostRings ? `reached · ${short(best)} notes/s` : `${short(best)} notes/s`;
}

const MOST_PEBBLES = 4;

/** The forms of a key beyond the furthest, as pebbles beside its stone: their rings say how far each is. */
function Pebbles({ stone, mostRings }: { stone: KeyStone; mostRings: number }) {
  const others = [...stone.forms].sort((a, b) => b.rings - a.rings).slice(1, MOST_PEBBLES + 1);
  return others.map((form, i) => (
    <Stone
      key={form.key}
      seed={`form ${form.key}`}
      width={26}
      height={17}
      tone={form.fading ? 'clay' : form.rings >= mostRings ? 'moss' : form.rings > 0 ? 'river' : 'sand'}
      rings={form.rings}
      x={i % 2 === 0 ? 51 : -51}
      y={i < 2 ? 25 : -25}
    />
  ));
}

/**
 * A student's keys as stones across a river: rings say how far the climb is passed, in the stone for the furthest form and
 * in the pebbles beside it for the others.
 */
export function KeyPathRiver({ stones, mostRings, chosen, now, onChoose }: Props) {
  const { ref, width } = useElementSize();
  const { at, height } = places(stones.length, Math.max(width, 300));
  return (
    <div ref={ref} className={classes.river} style={{ height }}>
      <svg width="100%" height={height} aria-hidden="true">
        <path d={river(at)} className={classes.bed} />
        <path d={river(at)} className={classes.stream} />
      </svg>
      <ol className={classes.stones}>
        {stones.map((stone, i) => (
          <li key={stone.tonic} style={{ left: at[i]!.x, top: at[i]!.y }}>
            <button
              type="button"
              aria-pressed={chosen === stone.tonic}
              className={classes.stone}
              onClick={() => onChoose(stone.tonic)}
            >
              <svg width="128" height="84" viewBox="-64 -42 128 84" aria-hidden="true">
                {chosen === stone.tonic && <ellipse rx="61" ry="40" className={classes.chosen} />}
                <Stone
                  seed={`key ${stone.tonic}`}
                  width={104}
                  height={64}
                  tone={tone(stone, mostRings)}
                  rings={stone.rings}
                />
                <Pebbles stone={stone} mostRings={mostRings} />
              </svg>
              <span className={`${classes.tonic} ${stone.rings > 0 ? classes.onStone : ''}`}>
                {signs(stone.tonic)}
              </span>
              <span className={classes.said}>
                {now === stone.tonic && <strong>now, </strong>}
                {said(stone, mostRings)}
              </span>
              <span className="visually-hidden">
                , {stone.rings} of {mostRings} rings
              </span>
            </button>
          </li>
        ))}
      </ol>
    </div>
  );
}
