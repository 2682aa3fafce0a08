import { Button } from '@mantine/core';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Pill } from '../../ui/Pill';
import classes from './Paper.module.css';

const PAPERS = [
  { id: 'a4', name: 'A4', page: 'A4' },
  { id: 'letter', name: 'Letter', page: 'letter' },
] as const;

interface Props {
  /** Where one came from. */
  back: { to: string; name: string };
  /** Choices of this paper alone, beside its size. */
  choices?: ReactNode;
  /** What stands at its foot. */
  foot?: ReactNode;
  children: ReactNode;
}

/** A paper as it will be printed, in black on white, and what can be chosen about it; printing is the browser's own. */
export function Paper({ back, choices, foot, children }: Props) {
  const [size, setSize] = useState<'a4' | 'letter'>('a4');
  return (
    <div className={classes.room}>
      <div className={classes.tools}>
        <Link to={back.to}>{back.name}</Link>
        <span className={classes.push} />
        {PAPERS.map((one) => (
          <Pill key={one.id} pressed={one.id === size} onPress={() => setSize(one.id)}>
            {one.name}
          </Pill>
        ))}
        <Button onClick={() => window.print()}>Print</Button>
      </div>
      {choices && <div className={classes.tools}>{choices}</div>}
      <style>{`@page { size: ${PAPERS.find((one) => one.id === size)!.page} portrait; margin: 11mm 12mm; }`}</style>
      <article className={classes.sheet} data-paper={size} data-mantine-color-scheme="light">
        {children}
        {foot && <footer>{foot}</footer>}
      </article>
    </div>
  );
}

/** What is said at the foot of every paper that is practised from. */
export const CARE =
  'Stop at pain, tingling or numbness; rest, and see a doctor or a clinician who treats musicians.';
