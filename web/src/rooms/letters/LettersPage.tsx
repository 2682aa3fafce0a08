import { useState } from 'react';
import { useMailServer, useSent } from '../../api/letters';
import { useSession } from '../../api/session';
import { Pages } from '../../ui/Pages';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { momentSaid } from '../../ui/words';
import { MailServerForm } from './MailServerForm';
import classes from './Letters.module.css';

/** Letters of the studio: what was sent, what would have been, and through which server. */
export function LettersPage() {
  const [page, setPage] = useState(0);
  const sent = useSent(page);
  const owner = useSession().data?.teacher?.owner === true;
  const server = useMailServer(owner);
  if (sent.isPending) return <Waiting />;
  if (sent.isError) return <Wrong error={sent.error} again={() => sent.refetch()} />;
  const { items, pages } = sent.data;
  return (
    <div className={classes.room}>
      <section className={classes.letters} aria-label="Letters">
        <h1>Letters</h1>
        {items.length === 0 && (
          <p className={classes.soft}>
            No letter yet. At a student, Take away writes the letter about their week.
          </p>
        )}
        <ol>
          {items.map((letter) => (
            <li key={letter.id}>
              <details>
                <summary>
                  <strong>{letter.subject}</strong>
                  <span>
                    {letter.through ? 'sent to' : 'in the mailbox, for'} {letter.to} · {momentSaid(letter.at)}
                    {letter.through && ` · through ${letter.through}`}
                  </span>
                </summary>
                <p className={classes.text}>{letter.text.trim()}</p>
              </details>
            </li>
          ))}
        </ol>
        <Pages page={page} pages={pages} onPage={setPage} />
      </section>
      {owner && server.data !== undefined && (
        <aside className={classes.server} aria-label="Mail server">
          <h2>Mail server</h2>
          {server.data === null ? (
            <p className={classes.soft}>
              None is named: letters lie in this mailbox, where you see what would have been sent, and reach
              nobody.
            </p>
          ) : (
            <p className={classes.soft}>
              Letters go through {server.data.host}, from {server.data.sender}.
              {server.data.testedAt && ` It let us in on ${momentSaid(server.data.testedAt)}.`}
            </p>
          )}
          <MailServerForm key={server.data?.host ?? 'none'} server={server.data} />
        </aside>
      )}
    </div>
  );
}
