import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { isClosing } from '../../api/client';
import { Waiting } from '../../ui/Waiting';
import { FormLines } from '../../parts/keys/FormLines';
import { KeyPathRiver } from '../../parts/keys/KeyPathRiver';
import { NoWay } from './NoWay';
import { useOwnKeyPath } from './usePractice';
import { signs } from '../../ui/signs';
import keys from './Keys.module.css';

/** The student's own keys. */
export function OwnKeyPath() {
  const token = useParams().token!;
  const path = useOwnKeyPath(token);
  const [chosen, setChosen] = useState<string>();
  if (path.isPending) return <Waiting />;
  // Without network what was kept is shown, but not once the studio has said that the link was replaced.
  if (!path.data || isClosing(path.error)) return <NoWay error={path.error} />;
  const met = path.data.stones.filter((stone) => stone.forms.length > 0);
  const shown = path.data.stones.find((stone) => stone.tonic === chosen) ?? met[0] ?? path.data.stones[0]!;
  return (
    <main className={keys.keys}>
      <header>
        <h1>{path.data.student.split(' ')[0]}’s keys</h1>
        <Link to={`/p/${token}`}>Back to practising</Link>
      </header>
      <KeyPathRiver
        stones={path.data.stones}
        mostRings={path.data.mostRings}
        chosen={shown.tonic}
        now={path.data.now ?? undefined}
        onChoose={setChosen}
      />
      <section aria-live="polite">
        <h2>In {signs(shown.tonic)}</h2>
        <FormLines stone={shown} mostRings={path.data.mostRings} />
      </section>
    </main>
  );
}
