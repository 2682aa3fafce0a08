import type { TodayItem } from '../../api/types';
import { Stone } from '../../ui/Stone';
import { short } from '../../ui/words';
import classes from './What.module.css';

interface Props {
  item: TodayItem;
  bpm: number;
  onChoose: (bpm: number) => void;
  disabled: boolean;
}

const AROUND = 2;

/** The rungs around the one to play; a slower or faster one may be chosen for a take. */
export function Rungs({ item, bpm, onChoose, disabled }: Props) {
  const { rungs, here } = item.toPlay;
  const { rung } = here;
  const from = Math.max(0, Math.min(rung - AROUND, rungs.length - 2 * AROUND - 1));
  const shown = rungs.slice(from, from + 2 * AROUND + 1);
  return (
    <div className={classes.rungs} role="group" aria-label={`Tempo: rung ${rung + 1} of ${rungs.length}`}>
      {shown.map((one, i) => {
        const index = from + i;
        const passed = index < rung;
        return (
          <button
            key={one}
            type="button"
            aria-pressed={one === bpm}
            aria-label={`${short(one)} bpm${passed ? ', passed' : ''}`}
            disabled={disabled}
            onClick={() => onChoose(one)}
          >
            <svg width="52" height="34" aria-hidden="true">
              <Stone
                seed={`rung ${one}`}
                width={46}
                height={27}
                tone={one === bpm ? 'river' : passed ? 'moss' : index === rungs.length - 1 ? 'ink' : 'hollow'}
                rings={passed ? 3 : one === here.bpm ? item.standing.cleanInRow : 0}
                x={26}
                y={17}
              />
            </svg>
            {short(one)}
          </button>
        );
      })}
    </div>
  );
}
