import type { WalkPart } from '../../../api/types';
import { useDraft } from '../BenchContext';
import { Pill } from './Pill';
import { useWays } from './useChoices';
import { WalkEditor } from './WalkEditor';
import classes from './beside.module.css';

/** The way through keys without stopping, and what can be taken in one press. */
export function ThroughPill() {
  const { step, dispatch } = useDraft();
  const ways = useWays();
  const { walk } = step.document;
  const set = (other: WalkPart | undefined) => dispatch({ type: 'walk', walk: other });
  if (!ways) return null;
  return (
    <Pill
      before="through"
      label={walk ? (ways.said ?? 'several keys') : 'its own key'}
      name={walk ? `Walk: ${ways.said ?? ''}` : 'Walk through keys'}
      there={walk != null}
    >
      {(close) =>
        walk ? (
          <WalkEditor
            walk={walk}
            onChange={set}
            onRemove={() => {
              set(undefined);
              close();
            }}
          />
        ) : (
          <ul className={classes.offers} aria-label="Walks to take">
            {ways.ways.map((way) => (
              <li key={way.name}>
                <button type="button" onClick={() => set(way.walk)}>
                  {way.name}
                </button>
              </li>
            ))}
          </ul>
        )
      }
    </Pill>
  );
}
