// @vitest-environment happy-dom
import { MantineProvider, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { useOnce } from '../api/once';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { DialogForm } from './FormDialog';

function Asking({
  send,
  onDone,
}: {
  send: (name: string) => Promise<string>;
  onDone: (answer: string) => void;
}) {
  const form = useForm({ initialValues: { name: 'Pia' } });
  const sending = useOnce<string, string>({ mutationFn: send });
  return (
    <DialogForm
      form={form}
      sending={sending}
      body={({ name }) => name || undefined}
      onDone={onDone}
      onClose={() => undefined}
      leave="Leave it"
      go="Add"
      said={['name']}
    >
      <TextInput label="Name" {...form.getInputProps('name')} />
    </DialogForm>
  );
}

function open(send: (name: string) => Promise<string>) {
  const onDone = vi.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MantineProvider env="test">
        <Asking send={send} onDone={onDone} />
      </MantineProvider>
    </QueryClientProvider>,
  );
  return onDone;
}

const add = () => fireEvent.click(screen.getByRole('button', { name: 'Add' }));

describe('a dialog that asks for something', () => {
  afterEach(cleanup);

  it('sends what was typed, once, and goes on with the answer', async () => {
    const send = vi.fn((name: string) => Promise.resolve(`${name} added`));
    const onDone = open(send);
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Ada' } });
    add();
    add();
    await waitFor(() => expect(onDone).toHaveBeenCalledWith('Ada added'));
    expect(send).toHaveBeenCalledTimes(1);
  });

  it('says beside a field what was refused about it, and keeps what was typed', async () => {
    open(() => Promise.reject(new Problem(422, 'Not Bb3.', '/name')));
    add();
    expect(await screen.findByText('Not Bb3.')).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
    expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('Pia');
  });

  it('says beneath them all what concerns none of them', async () => {
    open(() => Promise.reject(new Problem(409, 'Changed elsewhere.')));
    add();
    expect((await screen.findByRole('alert')).textContent).toContain('Changed elsewhere.');
  });

  it('sends nothing that is not ready', () => {
    const send = vi.fn(() => Promise.resolve(''));
    open(send);
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: '' } });
    add();
    expect(send).not.toHaveBeenCalled();
  });
});
