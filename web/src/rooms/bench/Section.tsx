import { IconChevronDown } from '@tabler/icons-react';
import { useId, useState, type ReactNode } from 'react';
import classes from './Controls.module.css';

interface Props {
  title: string;
  /** What it holds, said in few words while it is shut. */
  summary: string;
  /** Whether it stands open at first. */
  open?: boolean;
  children: ReactNode;
}

/** A part of the controls that can be shut; shut, it says what it is set to. */
export function Section({ title, summary, open = false, children }: Props) {
  const [shown, setShown] = useState(open);
  const id = useId();
  return (
    <section className={classes.section}>
      <h2>
        <button type="button" aria-expanded={shown} aria-controls={id} onClick={() => setShown(!shown)}>
          {title}
          <IconChevronDown size={16} aria-hidden="true" />
        </button>
      </h2>
      {!shown && <p className={classes.summary}>{summary}</p>}
      <div id={id} hidden={!shown}>
        {shown && children}
      </div>
    </section>
  );
}
