import { lazy, Suspense, useCallback, useState } from 'react';
import { useParams } from 'react-router';
import type { TodayItem } from '../../api/types';
import { useKeys } from '../../ui/useKeys';
import { Waiting } from '../../ui/Waiting';
import { CannotPlay } from './CannotPlay';
import { Done } from './Done';
import { localTime, newId } from './keep/ids';
import { NoWay } from './NoWay';
import { PracticeHead } from './PracticeHead';
import { PracticeItem } from './PracticeItem';
import { KeptForLater, Unsent } from './Unsent';
import { KeptContext } from './useRoom';
import { useKeptKeys, usePractice } from './usePractice';
import classes from './Practice.module.css';

const KeySheet = lazy(async () => ({ default: (await import('./KeySheet')).KeySheet }));

/** Where the student is on the list: at the same piece, also when the teacher has given or taken something meanwhile. */
function placeOf(place: { at: number; id?: number }, items: TodayItem[]): number {
  const found = items.findIndex((item) => item.assignmentId === place.id);
  return found >= 0 ? found : Math.min(place.at, items.length);
}

/** The student's half hour: one thing at a time. */
export function PracticeRoom() {
  const token = useParams().token!;
  const { list, kept, closed, asked, outbox } = usePractice(token);
  const [place, setPlace] = useState<{ at: number; id?: number }>({ at: 0 });
  const [keys, setKeys] = useState(false);
  const [resting, setResting] = useState(true);
  useKeptKeys(token, kept !== undefined && resting);
  const items = list?.items ?? [];
  const at = placeOf(place, items);
  const go = (to: number) => {
    const next = Math.min(items.length, Math.max(0, to));
    setPlace({ at: next, id: items[next]?.assignmentId });
  };
  const onResting = useCallback((now: boolean, id: number) => {
    setResting(now);
    // What is being played is stayed at, whatever the list becomes.
    if (!now) setPlace((before) => (before.id === id ? before : { ...before, id }));
  }, []);
  useKeys({ n: () => go(at + 1), p: () => go(at - 1), '?': () => setKeys(true) }, items.length > 0);
  const finished = at >= items.length;
  useKeys(
    { ArrowLeft: () => go(at - 1), ArrowUp: () => go(at - 1), PageUp: () => go(at - 1) },
    finished && items.length > 0,
  );
  if (!list) {
    if (asked.isPending || asked.isSuccess) return <Waiting />;
    return <NoWay error={asked.error}>{closed && <KeptForLater entries={outbox.waiting} />}</NoWay>;
  }
  const item = items[at];
  return (
    <KeptContext value={kept}>
      <div className={classes.room}>
        <PracticeHead today={list} token={token} at={at} onGo={go} onKeys={() => setKeys(true)} />
        {items.length === 0 ? (
          <main className={classes.alone}>
            <h1>Nothing to practise today</h1>
            <p>Your teacher has not given you a step for today. Play something you love.</p>
          </main>
        ) : item?.misfit ? (
          <CannotPlay
            key={item.assignmentId}
            item={item}
            misfit={item.misfit}
            next={items[at + 1]}
            onNext={() => go(at + 1)}
            onBefore={() => go(at - 1)}
          />
        ) : item ? (
          <PracticeItem
            key={item.assignmentId}
            today={list}
            item={item}
            next={items[at + 1]}
            onTakes={(forms) => outbox.add(forms.map((form) => ({ kind: 'take', form })))}
            onResting={onResting}
            onNext={() => go(at + 1)}
            onBefore={() => go(at - 1)}
          />
        ) : (
          <Done
            today={list}
            waiting={outbox.waiting.length}
            onWord={(text) =>
              outbox.add([{ kind: 'word', form: { clientId: newId(), text, saidAt: localTime() } }])
            }
            onBack={() => go(0)}
          />
        )}
        <Unsent outbox={outbox} />
        <Suspense>{keys && <KeySheet opened onClose={() => setKeys(false)} />}</Suspense>
      </div>
    </KeptContext>
  );
}
