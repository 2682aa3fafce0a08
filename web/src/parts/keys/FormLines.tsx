import type { ReactNode } from 'react';
import type { FormProgress, KeyStone } from '../../api/types';
import { Stone } from '../../ui/Stone';
import { dayOf, short } from '../../ui/words';
import { signs } from '../../ui/signs';
import classes from './KeyForms.module.css';

const MOST_SLIPS = 4;

interface Props {
  stone: KeyStone;
  /** As many rings as a stone has where everything is learned. */
  mostRings: number;
  /** The id of the key whose history is shown; without one, forms cannot be chosen. */
  shown?: string;
  onChoose?: (id: string) => void;
}

/** What has been done in one key, form by form, in sentences with numbers. */
export function FormLines({ stone, mostRings, shown, onChoose }: Props) {
  if (stone.forms.length === 0) {
    return <p className={classes.soft}>{signs(stone.tonic)} has not been met yet.</p>;
  }
  return (
    <ul className={classes.forms}>
      {stone.forms.map((form) => (
        <li key={form.id} data-chosen={form.id === shown || undefined}>
          <FormLine form={form} mostRings={mostRings} shown={form.id === shown} onChoose={onChoose} />
        </li>
      ))}
    </ul>
  );
}

interface FormProps {
  form: FormProgress;
  mostRings: number;
  shown: boolean;
  onChoose?: (id: string) => void;
}

function FormLine({ form, mostRings, shown, onChoose }: FormProps) {
  return (
    <>
      <Name form={form} mostRings={mostRings} shown={shown} onChoose={onChoose}>
        <svg width="44" height="28" aria-hidden="true">
          <Stone
            seed={`form ${form.key}`}
            width={38}
            height={23}
            tone={
              form.fading ? 'clay' : form.rings === mostRings ? 'moss' : form.rings > 0 ? 'river' : 'sand'
            }
            rings={form.rings}
            x={22}
            y={14}
          />
        </svg>
        {form.key}
        <span className="visually-hidden">
          , {form.rings} of {mostRings} rings
        </span>
      </Name>
      <p>
        <strong>{form.fading ?? form.sentence}</strong>
      </p>
      <p className={classes.soft}>
        {form.takes === 0
          ? 'No take yet.'
          : `${form.clean} of ${form.takes} takes clean${form.lastDay ? `, last on ${dayOf(form.lastDay)}` : ''}.`}
        {form.bestBpm != null &&
          ` Best clean ${short(form.bestBpm)} bpm, ${short(form.bestNotesPerSecond ?? 0)} notes a second.`}
      </p>
      {/* The history of the chosen one says it with the numbers of the last days. */}
      {!shown && form.slips.length > 0 && (
        <p className={classes.soft}>What slips: {form.slips.slice(0, MOST_SLIPS).join(' · ')}.</p>
      )}
    </>
  );
}

function Name({ form, shown, onChoose, children }: FormProps & { children: ReactNode }) {
  if (!onChoose) return <h3 className={classes.name}>{children}</h3>;
  return (
    <button type="button" className={classes.name} aria-pressed={shown} onClick={() => onChoose(form.id)}>
      {children}
    </button>
  );
}
