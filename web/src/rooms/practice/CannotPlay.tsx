import type { TodayItem } from '../../api/types';
import { Stone } from '../../ui/Stone';
import { useKeys } from '../../ui/useKeys';
import buttons from './Buttons.module.css';
import classes from './CannotPlay.module.css';

interface Props {
  item: TodayItem;
  misfit: NonNullable<TodayItem['misfit']>;
  next?: TodayItem;
  onNext: () => void;
  onBefore: () => void;
}

/** A step that the student's range does not take now: why, what of it would, and the way on. */
export function CannotPlay({ item, misfit, next, onNext, onBefore }: Props) {
  useKeys({
    ArrowRight: onNext,
    ArrowDown: onNext,
    PageDown: onNext,
    ArrowLeft: onBefore,
    ArrowUp: onBefore,
    PageUp: onBefore,
  });
  return (
    <main className={classes.cannot}>
      <svg width="120" height="78" aria-hidden="true">
        <Stone seed={item.head.title} width={104} height={64} tone="hollow" rings={0} x={60} y={39} />
      </svg>
      <h1>{item.head.title}</h1>
      <p className={classes.why}>{misfit.sentence}</p>
      <p>
        {misfit.nearest ? `What of it fits: ${misfit.nearest}. ` : ''}
        Your teacher sees this and can change it. What you have played of it is kept.
      </p>
      <button type="button" className={buttons.soft} onClick={onNext}>
        {next ? `Next: ${next.head.title}` : 'Finish for today'}
      </button>
    </main>
  );
}
