import { useState } from 'react';
import { useParams } from 'react-router';
import { LinkCode } from '../../../parts/paper/LinkCode';
import { CARE, Paper } from '../../../parts/paper/Paper';
import { WordPills } from '../../../parts/paper/WordPills';
import type { PaperWords } from '../../../parts/paper/words';
import { isoDay } from '../../../ui/words';
import { Waiting } from '../../../ui/Waiting';
import { NoWay } from '../NoWay';
import { usePractice } from '../usePractice';
import { KeptContext } from '../useRoom';
import { daysFrom } from './days';
import { SheetItem } from './SheetItem';

/** More steps than this are drawn smaller, with fewer tempos under each, so that they share a page. */
const FEW = 3;

/** A week on one page, to practise without a screen: each step in the student's notes, its tempos to tick day by day. */
export function WeekSheet() {
  const token = useParams().token!;
  const { list, kept, asked } = usePractice(token);
  const [words, setWords] = useState<PaperWords>('none');
  if (!list) return asked.isError ? <NoWay error={asked.error} /> : <Waiting />;
  const days = daysFrom(isoDay());
  const items = list.items.filter((item) => !item.misfit);
  return (
    <KeptContext value={kept}>
      <Paper
        back={{ to: `/p/${token}`, name: 'Back to practising' }}
        choices={<WordPills words={words} onWords={setWords} />}
        foot={`Tick a box for each time it was clean. ${CARE}`}
      >
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
            words={words}
            many={items.length > FEW}
          />
        ))}
      </Paper>
    </KeptContext>
  );
}
