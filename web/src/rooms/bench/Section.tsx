import { IconChevronDown } from '@tabler/icons-react';
import { useId, type ReactNode } from 'react';
import classes from './Controls.module.css';

interface Props {
  title: string;
  /** What it holds, said in few words while it is shut; nothing where that cannot be said. */
  summary?: string;
  open: boolean;
  onToggle: () => void;
  children: ReactNode;
}

/** A part of the controls that can be shut; shut, it says what it is set to. */
export function Section({ title, summary, open, onToggle, children }: Props) {
  const id = useId();
  return (
    <section className={classes.section}>
      <h2>
        <button type="button" aria-expanded={open} aria-controls={id} onClick={onToggle}>
          {title}
          <IconChevronDown size={16} aria-hidden="true" />
        </button>
      </h2>
      {!open && <p className={classes.summary}>{summary}</p>}
      <div id={id} hidden={!open}>
        {open && children}
      </div>
    </section>
  );
}
