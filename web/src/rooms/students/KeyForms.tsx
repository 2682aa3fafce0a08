import { useState } from 'react';
import type { KeyStone } from '../../api/types';
import { FormLines } from './FormLines';
import { KeyHistoryChart } from './KeyHistoryChart';
import classes from './KeyForms.module.css';

/** What has been done in one key, form by form, and the history of the chosen form. */
export function KeyForms({ stone, studentId }: { stone: KeyStone; studentId: number }) {
  const [chosen, setChosen] = useState<string>();
  const shown = stone.forms.find((form) => form.key === chosen) ?? stone.forms[0];
  if (!shown) return <FormLines stone={stone} />;
  return (
    <div className={classes.key}>
      <FormLines stone={stone} shown={shown.key} onChoose={setChosen} />
      <KeyHistoryChart studentId={studentId} form={shown.key} />
    </div>
  );
}
