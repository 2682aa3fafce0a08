import { Button, Group, Modal, type ModalProps } from '@mantine/core';
import { useNetwork } from '@mantine/hooks';
import type { UseFormReturnType } from '@mantine/form';
import type { ReactNode } from 'react';
import { Problem, sentenceOf } from '../api/client';
import classes from './FormDialog.module.css';
import { NEEDS_STUDIO } from './needsStudio';
import { Wrong } from './Wrong';

interface DialogProps {
  title: string;
  onClose: () => void;
  /** Always, without. */
  opened?: boolean;
  size?: ModalProps['size'];
  children: ReactNode;
}

/** A dialog that asks for something. What is typed is forgotten when it closes. */
export function FormDialog({ opened = true, ...dialog }: DialogProps) {
  return <Modal opened={opened} centered {...dialog} />;
}

/** Something that can be sent, as the hooks of the API give it. */
interface Sending<Body, Answer> {
  mutate: (
    body: Body,
    then: { onSuccess: (answer: Answer) => void; onError: (error: Error) => void },
  ) => void;
  isPending: boolean;
  error: Error | null;
}

interface Props<Values, Body, Answer> {
  form: UseFormReturnType<Values>;
  sending: Sending<Body, Answer>;
  /** What is sent; nothing where it is not ready. */
  body: (values: Values) => Body | undefined;
  onDone: (answer: Answer) => void;
  onClose: () => void;
  /** What the button says that sends it, and the one that does not. */
  go: string;
  leave: string;
  /** Moss for what reaches a student, clay for what deletes. */
  color?: 'moss' | 'clay';
  /** Whether it can be sent; where it cannot, the fields say why. */
  ready?: boolean;
  /** The fields that say themselves what is wrong with them. */
  said?: string[];
  className?: string;
  footClassName?: string;
  children: ReactNode;
}

/** The field that a refusal points to, by its name. */
function fieldOf(error: Error | null): string | undefined {
  return error instanceof Problem ? error.pointer?.slice(1) : undefined;
}

/** The fields of a dialog: sent once, refused beside the field that was refused, or else beneath them all. */
export function DialogForm<Values extends object, Body, Answer>(props: Props<Values, Body, Answer>) {
  const { form, sending, said = [] } = props;
  const { online } = useNetwork();
  const send = (values: Values) => {
    if (sending.isPending) return;
    const body = props.body(values);
    if (body === undefined) return;
    sending.mutate(body, {
      onSuccess: props.onDone,
      onError: (error) => {
        const field = fieldOf(error);
        if (field && said.includes(field)) form.setFieldError(field, sentenceOf(error));
      },
    });
  };
  const beneath = sending.error && !said.includes(fieldOf(sending.error) ?? '');
  return (
    <form onSubmit={form.onSubmit(send)} className={props.className ?? classes.fields}>
      {props.children}
      {!online && (
        <p className={classes.offline} role="status">
          {NEEDS_STUDIO} What you fill in stays here.
        </p>
      )}
      {beneath && <Wrong error={sending.error} />}
      <Group justify="flex-end" className={props.footClassName}>
        <Button variant="default" onClick={props.onClose}>
          {props.leave}
        </Button>
        <Button
          type="submit"
          color={props.color}
          loading={sending.isPending}
          disabled={props.ready === false}
        >
          {props.go}
        </Button>
      </Group>
    </form>
  );
}
