import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { isoDay } from '../../../ui/words';
import { Pill } from '../../../ui/Pill';
import { Waiting } from '../../../ui/Waiting';
import { NoWay } from '../NoWay';
import { usePractice } from '../usePractice';
import { KeptContext } from '../useRoom';
import { daysFrom } from './days';
import { LinkCode } from './LinkCode';
import { SheetItem } from './SheetItem';
import classes from './WeekSheet.module.css';

const PAPERS = [
  { id: 'a4', name: 'A4' },
  { id: 'letter', name: 'Letter' },
] as const;

/** Of more steps than this, fewer tempos stand under each, so that they share a page. */
const FEW = 3;

/** A week on one page, to practise without a screen: each step in the student's notes, its tempos to tick day by day. */
export function WeekSheet() {
  const token = useParams().token!;
  const { list, kept, asked } = usePractice(token);
  const [paper, setPaper] = useState<'a4' | 'letter'>('a4');
  const [counts, setCounts] = useState(false);
  if (!list) return asked.isError ? <NoWay error={asked.error} /> : <Waiting />;
  const days = daysFrom(isoDay());
  const items = list.items.filter((item) => !item.misfit);
  return (
    <KeptContext value={kept}>
      <div className={classes.room}>
        <div className={classes.tools}>
          <Link to={`/p/${token}`}>Back to practising</Link>
          <span className={classes.push} />
          {PAPERS.map((one) => (
            <Pill key={one.id} pressed={one.id === paper} onPress={() => setPaper(one.id)}>
              {one.name}
            </Pill>
          ))}
          <Pill pressed={counts} onPress={() => setCounts(!counts)}>
            counts
          </Pill>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
        <style>{`@page { size: ${paper === 'a4' ? 'A4' : 'letter'} portrait; margin: 11mm 12mm; }`}</style>
        <article className={classes.sheet} data-paper={paper} data-mantine-color-scheme="light">
          <header>
            <div>
              <h1>{list.student}</h1>
              <p>
                {list.instrument} · the week from {days[0]!.long} · {list.minutes} min a day
              </p>
            </div>
            <LinkCode address={`${window.location.origin}/p/${token}`} />
          </header>
          {items.length === 0 && <p>Nothing to practise today.</p>}
          {items.map((item) => (
            <SheetItem
              key={item.assignmentId}
              item={item}
              days={days}
              counts={counts}
              rows={items.length > FEW ? 2 : 4}
            />
          ))}
          <footer>
            Tick a box for each time it was clean. Stop at pain, tingling or numbness; rest, and see a doctor
            or a clinician who treats musicians.
          </footer>
        </article>
      </div>
    </KeptContext>
  );
}
