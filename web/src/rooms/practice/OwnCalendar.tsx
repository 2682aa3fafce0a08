import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { data, practiceApi, sentenceOf } from '../../api/client';
import classes from './Sheet.module.css';

/** The private address under which a calendar program follows one's own lessons and days of practice. */
export function OwnCalendar() {
  const token = useParams().token!;
  const [shown, setShown] = useState(false);
  const calendar = useQuery({
    queryKey: ['own-calendar', token],
    queryFn: () => data(practiceApi(token).GET('/api/practice/calendar')),
    enabled: shown,
    retry: false,
    gcTime: 0,
  });
  if (!shown)
    return (
      <button type="button" className={classes.take} onClick={() => setShown(true)}>
        In my calendar
      </button>
    );
  if (calendar.isError) return <span role="status">{sentenceOf(calendar.error)}</span>;
  return (
    <label className={classes.calendar}>
      Subscribe to this address in your calendar
      <input
        readOnly
        value={calendar.data ? window.location.origin + calendar.data.path : '…'}
        onFocus={(event) => event.currentTarget.select()}
      />
    </label>
  );
}
