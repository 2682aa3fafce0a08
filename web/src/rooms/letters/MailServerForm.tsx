import { Button, Group, NumberInput, PasswordInput, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { type FormEvent, useState } from 'react';
import { Problem } from '../../api/client';
import { useForgetMailServer, useKeepMailServer } from '../../api/letters';
import type { MailSecurity, MailServer } from '../../api/types';
import { Choose, type Choice } from '../../ui/Choose';
import { Wrong } from '../../ui/Wrong';
import classes from './Letters.module.css';

const SECURITIES: Choice<MailSecurity>[] = [
  { value: 'tls', label: 'encrypted from the start (TLS)' },
  { value: 'starttls', label: 'encrypted after a greeting (STARTTLS)' },
  { value: 'none', label: 'not encrypted' },
];

const USUAL_PORT: Record<MailSecurity, number> = { tls: 465, starttls: 587, none: 25 };

/** The mail server of the studio: tried before it is kept. */
export function MailServerForm({ server }: { server: MailServer | null }) {
  const keep = useKeepMailServer();
  const forget = useForgetMailServer();
  const [host, setHost] = useState(server?.host ?? '');
  const [port, setPort] = useState<number | string>(server?.port ?? USUAL_PORT.tls);
  const [security, setSecurity] = useState<MailSecurity>(server?.security ?? 'tls');
  const [username, setUsername] = useState(server?.username ?? '');
  const [password, setPassword] = useState('');
  const [sender, setSender] = useState(server?.sender ?? '');
  const refused = keep.error instanceof Problem ? keep.error : undefined;
  const at = (field: string) => (refused?.pointer === `/${field}` ? refused.sentence : undefined);
  const said = ['host', 'port', 'security', 'password', 'sender'].some((field) => at(field));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    keep.mutate(
      { host, port: Number(port), security, username, password: password || undefined, sender },
      {
        onSuccess: () =>
          notifications.show({ message: 'The mail server let us in, and is kept.', color: 'moss' }),
      },
    );
  };
  return (
    <form className={classes.form} onSubmit={submit}>
      <TextInput
        label="Server"
        placeholder="smtp.your-provider.example"
        required
        maxLength={200}
        value={host}
        onChange={(event) => setHost(event.currentTarget.value)}
        error={at('host')}
      />
      <div className={classes.pair}>
        <label className={classes.choose}>
          <span>Connection</span>
          <Choose
            value={security}
            choices={SECURITIES}
            onChange={(now) => {
              setSecurity(now);
              setPort(USUAL_PORT[now]);
            }}
          />
        </label>
        <NumberInput
          label="Port"
          w={96}
          hideControls
          allowDecimal={false}
          value={port}
          onChange={setPort}
          error={at('port') && ' '}
        />
      </div>
      {(at('security') ?? at('port')) && <p className={classes.wrong}>{at('security') ?? at('port')}</p>}
      <TextInput
        label="User name"
        autoComplete="off"
        maxLength={200}
        value={username}
        onChange={(event) => setUsername(event.currentTarget.value)}
      />
      <PasswordInput
        label="Password"
        autoComplete="new-password"
        placeholder={server?.hasPassword ? 'the one that is kept' : ''}
        maxLength={200}
        value={password}
        onChange={(event) => setPassword(event.currentTarget.value)}
        error={at('password')}
      />
      <TextInput
        type="email"
        label="Letters come from"
        required
        maxLength={200}
        value={sender}
        onChange={(event) => setSender(event.currentTarget.value)}
        error={at('sender')}
      />
      {keep.error && !said && <Wrong error={keep.error} />}
      {forget.error && <Wrong error={forget.error} />}
      <Group>
        <Button type="submit" loading={keep.isPending}>
          Try it and keep it
        </Button>
        {server && (
          <Button variant="default" loading={forget.isPending} onClick={() => forget.mutate()}>
            Use the mailbox instead
          </Button>
        )}
      </Group>
    </form>
  );
}
