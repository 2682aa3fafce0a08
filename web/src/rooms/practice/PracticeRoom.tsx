import { useState } from 'react';
import { useParams } from 'react-router';
import { sentenceOf } from '../../api/client';
import { useKeys } from '../../ui/useKeys';
import { Waiting } from '../../ui/Waiting';
import { Done } from './Done';
import { useOutbox } from './outbox';
import { PracticeHead } from './PracticeHead';
import { PracticeItem } from './PracticeItem';
import { usePractice } from './usePractice';
import classes from './Practice.module.css';

/** The student's half hour: one thing at a time. */
export function PracticeRoom() {
  const token = useParams().token!;
  const { today, send } = usePractice(token);
  const outbox = useOutbox(token, send);
  const [at, setAt] = useState(0);
  const items = today.data?.items ?? [];
  const go = (to: number) => setAt(Math.min(items.length, Math.max(0, to)));
  useKeys({ ArrowLeft: () => go(at - 1), ArrowRight: () => go(at + 1) }, items.length > 0);
  if (today.isPending) return <Waiting />;
  if (today.isError && !today.data) {
    return (
      <main className={classes.alone}>
        <h1>This room is closed</h1>
        <p>{sentenceOf(today.error)}</p>
      </main>
    );
  }
  const item = items[at];
  return (
    <div className={classes.room}>
      <PracticeHead today={today.data} token={token} at={at} onGo={go} />
      {items.length === 0 ? (
        <main className={classes.alone}>
          <h1>Nothing to practise today</h1>
          <p>Your teacher has not given you a step for today. Play something you love.</p>
        </main>
      ) : item ? (
        <PracticeItem
          key={item.assignmentId}
          token={token}
          item={item}
          next={items[at + 1]}
          cautions={today.data.cautions}
          onTake={(take) => outbox.add(take)}
          onNext={() => go(at + 1)}
        />
      ) : (
        <Done today={today.data} waiting={outbox.waiting} onBack={() => go(0)} />
      )}
      <p className={classes.waiting} role="status">
        {outbox.waiting > 0 &&
          `${outbox.waiting} ${outbox.waiting === 1 ? 'take is' : 'takes are'} kept here and not sent yet.`}
        {outbox.refused !== undefined && ` A take was not accepted: ${sentenceOf(outbox.refused)}`}
      </p>
    </div>
  );
}
