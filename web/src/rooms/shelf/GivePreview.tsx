import type { GroupRequest, GroupPreview, GroupStep } from '../../api/types';
import classes from './Shelf.module.css';

interface Props {
  preview: GroupPreview;
  steps: GroupStep[];
  starts: NonNullable<GroupRequest['starts']>;
  onStart: (stepId: number, at: number[] | undefined) => void;
}

/** What one student will see of a routine: each step in their key, where they start, and the rung week by week. */
export function GivePreview({ preview, steps, starts, onStart }: Props) {
  return (
    <article aria-label={preview.name}>
      <h3>{preview.name}</h3>
      <ul>
        {preview.steps.map((step, i) => {
          const given = steps[i];
          const start = starts.find(
            (one) => one.studentId === preview.studentId && one.stepId === given?.stepId,
          );
          return (
            <li key={i}>
              {step.refusal ? (
                <span className={classes.unfit}>
                  {step.title} is left out: {step.refusal}
                </span>
              ) : (
                <>
                  <strong>{step.key}</strong>, {step.summary}
                  {given && given.starts.length > 1 && (
                    <StartField
                      label={`Start of ${preview.name} in ${given.title}`}
                      step={given}
                      at={start?.at}
                      onStart={(at) => onStart(given.stepId, at)}
                    />
                  )}
                  <br />
                  {step.weeks.map((week, at) => `week ${at + 1}: ${week}`).join(' · ')}
                </>
              )}
            </li>
          );
        })}
      </ul>
    </article>
  );
}

interface StartProps {
  label: string;
  step: GroupStep;
  at: number[] | undefined;
  onStart: (at: number[] | undefined) => void;
}

/** The rung that a student starts on: the first, or one further on. */
function StartField({ label, step, at, onStart }: StartProps) {
  const chosen = at ? step.starts.findIndex((one) => one.at.join() === at.join()) : 0;
  return (
    <label className={classes.start}>
      {' '}
      starting with{' '}
      <select
        aria-label={label}
        value={chosen}
        onChange={(event) => {
          const index = Number(event.currentTarget.value);
          onStart(index === 0 ? undefined : step.starts[index]?.at);
        }}
      >
        {step.starts.map((one, i) => (
          <option key={i} value={i}>
            {one.words}
          </option>
        ))}
      </select>
    </label>
  );
}
