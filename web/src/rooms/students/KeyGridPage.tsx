import { useState } from 'react';
import { Link } from 'react-router';
import { useKeyGrid } from '../../api/lists';
import { Pages } from '../../ui/Pages';
import { Stone } from '../../ui/Stone';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { keySaid, toneOf } from './stoneTone';
import { signs } from '../../ui/signs';
import classes from './KeyGrid.module.css';

/** Students by keys: one stone for each, its rings say how far they are. */
export function KeyGridPage() {
  const [page, setPage] = useState(0);
  const grid = useKeyGrid(page);
  if (grid.isPending) return <Waiting />;
  if (grid.isError) return <Wrong error={grid.error} again={() => grid.refetch()} />;
  const { keys, items, mostRings, pages } = grid.data;
  return (
    <div className={classes.page}>
      <header className={classes.head}>
        <h1>Students by keys</h1>
        <p>Keys as each of them reads them. Rings say how far; a dashed edge says that it fades.</p>
        <Link to="/students">Back to the students</Link>
      </header>
      <div className={classes.scroll} tabIndex={0} role="region" aria-label="Students by keys">
        <table className={classes.grid}>
          <thead>
            <tr>
              <th scope="col">Student</th>
              {keys.map((key) => (
                <th key={key} scope="col">
                  {signs(key)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {items.map((line) => (
              <tr key={line.studentId}>
                <th scope="row">
                  <Link to={`/students/${line.studentId}`}>{line.name}</Link>
                  <span>{line.instrument}</span>
                </th>
                {line.cells.map((cell, i) => (
                  <td key={keys[i]} data-key={signs(keys[i]!)} title={cell.sentences.join('\n')}>
                    <Link
                      to={`/students/${line.studentId}?key=${encodeURIComponent(keys[i]!)}`}
                      aria-label={`${line.name}, ${signs(keys[i]!)}: ${keySaid(cell, mostRings)}`}
                    >
                      <svg width="56" height="36" aria-hidden="true" data-fading={cell.fading || undefined}>
                        <Stone
                          seed={`${line.name} ${keys[i]}`}
                          width={48}
                          height={29}
                          tone={toneOf(cell, mostRings)}
                          rings={cell.rings}
                          x={28}
                          y={18}
                        />
                      </svg>
                    </Link>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Pages page={page} pages={pages} onPage={setPage} />
    </div>
  );
}
