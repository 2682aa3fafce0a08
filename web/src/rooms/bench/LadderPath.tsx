import { NumberInput } from '@mantine/core';
import { useElementSize } from '@mantine/hooks';
import { useLadder } from '../../api/teacher';
import type { Ladder } from '../../api/types';
import { Stone, type StoneTone } from '../../ui/Stone';
import { Wrong } from '../../ui/Wrong';
import { beatSign, short } from '../../ui/words';
import { useBench } from './BenchContext';
import classes from './Bench.module.css';

const HEIGHT = 132;
const MOST_SHOWN = 16;

/** Which rungs are drawn where there are too many for the width: the first, the last, and even steps between. */
function shownRungs(rungs: number[]): number[] {
  if (rungs.length <= MOST_SHOWN) return rungs.map((_, i) => i);
  const step = (rungs.length - 1) / (MOST_SHOWN - 1);
  return Array.from({ length: MOST_SHOWN }, (_, i) => Math.round(i * step));
}

/** The tempo ladder as stones up a river; pressing one makes it the tempo that is heard here. */
export function LadderPath() {
  const { step, dispatch, passage } = useBench();
  const { ref, width } = useElementSize<HTMLDivElement>();
  const { tempo } = step.document;
  const ladder = useLadder(step.ladder, tempo.beat, passage?.quickest ?? '1/8');
  const rungs = ladder.data?.rungs ?? [];
  const rates = ladder.data?.notesPerSecond ?? [];
  const shown = shownRungs(rungs);
  const apart = (Math.max(width, 300) - 60) / Math.max(1, shown.length - 1);
  const x = (i: number) => (shown.length === 1 ? width / 2 : 30 + i * apart);
  const y = (i: number) => 88 - (i / Math.max(1, shown.length - 1)) * 42 - Math.sin(i * 1.7) * 3;
  const stoneWidth = Math.min(48, apart - 6);
  const tone = (bpm: number, i: number): StoneTone =>
    bpm === tempo.bpm ? 'river' : i === shown.length - 1 ? 'ink' : 'sand';
  const field = (name: keyof Ladder, label: string, min: number) => (
    <label className={classes.rungField}>
      {label}
      <NumberInput
        aria-label={`Ladder ${label}`}
        size="xs"
        w={62}
        min={min}
        max={400}
        decimalScale={1}
        clampBehavior="blur"
        value={step.ladder[name]}
        onChange={(value) => {
          const number = Number(value);
          if (value !== '' && number >= min) dispatch({ type: 'ladder', change: { [name]: number } });
        }}
      />
    </label>
  );
  return (
    <section aria-label="Tempo ladder" className={classes.ladder}>
      <header>
        <h2>Tempo ladder</h2>
        {field('from', 'from', 20)}
        {field('to', 'to', 20)}
        {field('by', 'by', 1)}
        <span className={classes.soft}>
          {beatSign(tempo.beat)} a minute · {rungs.length} {rungs.length === 1 ? 'rung' : 'rungs'}, three
          clean in a row each
        </span>
      </header>
      {ladder.isError ? (
        <Wrong error={ladder.error} />
      ) : (
        <div ref={ref} className={classes.stones} style={{ height: HEIGHT }}>
          <svg width="100%" height={HEIGHT} aria-hidden="true">
            <path
              d={`M0 102 C ${width * 0.35} 98 ${width * 0.6} 62 ${width} 52 V 76 C ${width * 0.6} 88 ${width * 0.35} 118 0 120 Z`}
              className={classes.river}
            />
            {shown.map((rung, i) => (
              <Stone
                key={rungs[rung]}
                seed={`rung ${rungs[rung]}`}
                width={stoneWidth}
                height={stoneWidth * 0.56}
                tone={tone(rungs[rung]!, i)}
                x={x(i)}
                y={y(i)}
              />
            ))}
          </svg>
          <ol>
            {shown.map((rung, i) => (
              <li key={rungs[rung]} style={{ left: x(i), top: y(i) }}>
                <button
                  type="button"
                  aria-pressed={rungs[rung] === tempo.bpm}
                  aria-label={`${short(rungs[rung]!)} beats a minute, ${short(rates[rung] ?? 0)} notes a second`}
                  onClick={() => dispatch({ type: 'bpm', bpm: rungs[rung]! })}
                >
                  <span className={classes.rate}>{rates[rung]?.toFixed(1)}</span>
                  <span className={classes.bpm}>{short(rungs[rung]!)}</span>
                </button>
              </li>
            ))}
          </ol>
          <span className={classes.rateName}>notes a second</span>
        </div>
      )}
    </section>
  );
}
