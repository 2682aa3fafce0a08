import { useState } from 'react';
import type { KeyStone } from '../../api/types';
import { FormLines } from '../../parts/keys/FormLines';
import { KeyHistoryChart } from './KeyHistoryChart';
import classes from '../../parts/keys/KeyForms.module.css';

/** What has been done in one key, form by form, and the history of the chosen form. */
export function KeyForms(props: { stone: KeyStone; mostRings: number; studentId: number }) {
  const { stone, mostRings, studentId } = props;
  const [chosen, setChosen] = useState<string>();
  const shown = stone.forms.find((form) => form.id === chosen) ?? stone.forms[0];
  if (!shown) return <FormLines stone={stone} mostRings={mostRings} />;
  return (
    <div className={classes.key}>
      <FormLines stone={stone} mostRings={mostRings} shown={shown.id} onChoose={setChosen} />
      <KeyHistoryChart studentId={studentId} form={shown} />
    </div>
  );
}
