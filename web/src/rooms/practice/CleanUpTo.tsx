import type { Reached } from '../../api/types';
import { Stone } from '../../ui/Stone';
import classes from './Asking.module.css';

interface Props {
  rungs: Reached[];
  /** How many of them, from the first, were clean. */
  onSay: (clean: number) => void;
  onDrop: () => void;
}

/** How far was it clean? A run over rungs is answered by the last one that was. */
export function CleanUpTo({ rungs, onSay, onDrop }: Props) {
  return (
    <div className={classes.asking}>
      <h2>Clean up to?</h2>
      <div className={classes.upTo}>
        <button type="button" onClick={() => onSay(0)}>
          <svg width="52" height="34" aria-hidden="true">
            <Stone seed="none" width={46} height={27} tone="hollow" x={26} y={17} />
          </svg>
          none
        </button>
        {rungs.map((rung, i) => (
          <button
            key={rung.at}
            type="button"
            data-first={i === rungs.length - 1 || undefined}
            aria-label={`Clean up to ${rung.now}`}
            onClick={() => onSay(i + 1)}
          >
            <svg width="52" height="34" aria-hidden="true">
              <Stone seed={`rung ${rung.at}`} width={46} height={27} tone="moss" x={26} y={17} />
            </svg>
            {rung.now}
          </button>
        ))}
      </div>
      <button type="button" className={classes.quiet} onClick={onDrop}>
        Do not count it
      </button>
    </div>
  );
}
