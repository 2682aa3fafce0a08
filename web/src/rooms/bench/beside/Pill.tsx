import { Popover } from '@mantine/core';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import classes from './beside.module.css';

interface Props {
  /** What stands before it: with, through, over. */
  before?: string;
  label: string;
  /** What is said of it to whoever does not see it. */
  name: string;
  /** Whether it stands for something that is there, or offers it. */
  there: boolean;
  /** What opens beneath it; told how to close it. */
  children: (close: () => void) => ReactNode;
}

/** A part of the sentence under the title that opens what it is made of. */
export function Pill({ before, label, name, there, children }: Props) {
  const [opened, setOpened] = useState(false);
  const close = () => setOpened(false);
  const opener = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!opened) return;
    // What was pressed in the panel may be gone with it, and the focus as well: Escape is heard wherever it is.
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || event.defaultPrevented) return;
      setOpened(false);
      opener.current?.focus();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [opened]);
  return (
    <span className={classes.pill}>
      {before && <span>{before} </span>}
      <Popover
        opened={opened}
        onChange={setOpened}
        position="bottom-start"
        trapFocus
        returnFocus
        shadow="md"
        width={340}
      >
        <Popover.Target>
          <button
            ref={opener}
            type="button"
            className={classes.open}
            data-there={there}
            aria-label={name}
            aria-expanded={opened}
            onClick={() => setOpened(!opened)}
          >
            {label}
          </button>
        </Popover.Target>
        <Popover.Dropdown className={classes.panel}>{opened && children(close)}</Popover.Dropdown>
      </Popover>
    </span>
  );
}
