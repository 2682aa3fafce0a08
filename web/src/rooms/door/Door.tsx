import type { ReactNode } from 'react';
import { Brand } from '../../ui/Brand';
import { SchemeToggle } from '../../ui/SchemeToggle';
import { Stone } from '../../ui/Stone';
import classes from './Door.module.css';

const RUN = [4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14];

/** The way in: what this is on the left, a form on the right. */
export function Door({ children }: { children: ReactNode }) {
  return (
    <div className={classes.door}>
      <section className={classes.bank} aria-label="About Pebble Step">
        <Brand />
        <div>
          <p className={classes.claim}>Scales that grow by small steps and arrive on the beat.</p>
          <svg viewBox="0 0 560 150" className={classes.river} aria-hidden="true">
            <path d="M0 118C120 116 180 96 290 88S470 60 560 34v42C470 100 410 122 300 130S120 148 0 150z" />
            {RUN.map((i) => (
              <Stone
                key={i}
                seed={`run${i}`}
                width={30}
                height={22}
                tone={i === 4 ? 'clay' : 'slate'}
                x={30 + (i - 4) * 43}
                y={122 - (i - 4) * 6.2 - Math.sin(i) * 4}
              />
            ))}
            <Stone seed="land" width={52} height={16} tone="ink" x={520} y={62} />
            <Stone seed="arrives" width={30} height={22} tone="moss" x={520} y={46} />
          </svg>
          <p className={classes.about}>
            Plan which key, which values and where the line starts, so that it lands. Students practise with
            the metronome and say how it went. You see who is ready, who is stuck, and what comes next.
          </p>
        </div>
        <span />
      </section>
      <main className={classes.form}>
        <div className={classes.corner}>
          <SchemeToggle />
        </div>
        {children}
      </main>
    </div>
  );
}
