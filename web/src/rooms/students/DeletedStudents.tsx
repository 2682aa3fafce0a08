import { Button } from '@mantine/core';
import { useDeletedStudents, useTakeBackStudent } from '../../api/leaving';
import { dayOf } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import classes from './Students.module.css';

/** Who is deleted and not gone yet. */
export function DeletedStudents() {
  const deleted = useDeletedStudents(true);
  const back = useTakeBackStudent();
  if (!deleted.data?.length) return null;
  return (
    <section aria-label="Deleted">
      <h2>Deleted</h2>
      <ul className={classes.list}>
        {deleted.data.map((one) => (
          <li key={one.id} className={classes.deleted}>
            <span>
              <strong>{one.name}</strong>, gone for good on {dayOf(one.goneOn)}
            </span>
            <Button
              size="compact-md"
              variant="default"
              loading={back.isPending}
              onClick={() => back.mutate(one.id)}
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
      {back.isError && <Wrong error={back.error} />}
    </section>
  );
}
