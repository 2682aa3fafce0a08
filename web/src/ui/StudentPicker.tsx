import { Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useCatalogue } from '../core/useCatalogue';
import { classesOf, useEverybody } from '../api/students';
import { Pill } from './Pill';
import classes from './StudentPicker.module.css';

/** So many fit into the list without looking for one. */
const SEEN_AT_ONCE = 8;

interface Props {
  chosen: number[];
  onChange: (ids: number[]) => void;
}

/** Who gets something: all students of the studio, with a way to find those of one name or instrument. */
export function StudentPicker({ chosen, onChange }: Props) {
  const everybody = useEverybody();
  const most = useCatalogue().data?.studentsAtOnce ?? 0;
  const [text, setText] = useState('');
  const all = (everybody.data ?? []).map((one) => ({
    id: one.id,
    label: `${one.name}, ${one.instrument.name}`,
    className: one.className,
  }));
  const classNames = classesOf(all);
  const wanted = text.trim().toLowerCase();
  const shown = all.filter((one) => one.label.toLowerCase().includes(wanted));
  const here = shown.filter((one) => chosen.includes(one.id)).length;
  const others = chosen.filter((id) => !shown.some((one) => one.id === id));
  const toggle = (id: number) =>
    onChange(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  return (
    <fieldset className={classes.picker}>
      <legend>To whom</legend>
      {all.length > SEEN_AT_ONCE && (
        <TextInput
          mb={8}
          size="sm"
          aria-label="Find students by name or instrument"
          placeholder="Find by name or instrument"
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
        />
      )}
      {classNames.length > 0 && (
        <div role="group" aria-label="Classes" className={classes.classes}>
          {classNames.map((name) => {
            const ids = all.filter((one) => one.className === name).map((one) => one.id);
            const whole = ids.every((id) => chosen.includes(id));
            return (
              <Pill
                key={name}
                pressed={whole}
                onPress={() =>
                  onChange(
                    whole ? chosen.filter((id) => !ids.includes(id)) : [...new Set([...chosen, ...ids])],
                  )
                }
              >
                {name} · {ids.length}
              </Pill>
            );
          })}
        </div>
      )}
      <div className={classes.names}>
        {shown.length > 1 && shown.length <= most && (
          <Checkbox
            label={wanted ? `All ${shown.length} of these` : 'Everybody'}
            checked={here === shown.length}
            indeterminate={here > 0 && here < shown.length}
            onChange={(event) =>
              onChange(event.currentTarget.checked ? [...others, ...shown.map((one) => one.id)] : others)
            }
          />
        )}
        {shown.map((one) => (
          <Checkbox
            key={one.id}
            label={one.label}
            checked={chosen.includes(one.id)}
            onChange={() => toggle(one.id)}
          />
        ))}
      </div>
      {shown.length === 0 && !everybody.isPending && (
        <p className={classes.note}>
          {wanted ? 'Nobody goes by that name or plays that.' : 'There is nobody to give it to yet.'}
        </p>
      )}
      {chosen.length > 0 && all.length > SEEN_AT_ONCE && (
        <p className={classes.note}>
          {chosen.length} of {all.length} chosen
          {all.length > most && `, ${most} at most at once`}
        </p>
      )}
    </fieldset>
  );
}
