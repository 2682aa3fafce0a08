import { QueryClientProvider, type QueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Outlet, useParams } from 'react-router';
import { Waiting } from '../../ui/Waiting';
import { keep, newClient, restore } from '../../keep/keptClient';
import { keepTheRoom } from '../../keep/serviceWorker';

export { OwnKeyPath } from './OwnKeyPath';
export { PracticeRoom } from './PracticeRoom';

/** The way into the practice room: what was kept is there before anything is asked of the studio. */
export function PracticeDoor() {
  const token = useParams().token!;
  const [client, setClient] = useState<QueryClient>();
  useEffect(() => {
    let left = false;
    let stop: (() => void) | undefined;
    const fresh = newClient();
    void restore(fresh, token).then(() => {
      if (left) return;
      stop = keep(fresh, token);
      setClient(fresh);
    });
    keepTheRoom();
    return () => {
      left = true;
      stop?.();
    };
  }, [token]);
  if (!client) return <Waiting />;
  return (
    <QueryClientProvider client={client}>
      <Outlet />
    </QueryClientProvider>
  );
}
