import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, type ReactNode } from 'react';
import { onSignedOut } from '../api/client';
import { forgetKnown } from '../api/known';
import { session } from '../api/queries';
import { DoorPage } from '../features/people/DoorPage';
import { usePreferences } from '../reader/preferences';
import { Failure, Reading } from '../ui/Layout';

/** Lets in whoever is signed in at this screen, as whoever of them holds it. */
export function Gate({ children }: { children: ReactNode }) {
  const client = useQueryClient();
  const query = useQuery(session());
  const { person, setPerson } = usePreferences();
  const names = query.data?.people.map((p) => p.name) ?? [];
  const last = names.at(-1);
  const holds = names.includes(person);
  useEffect(() => {
    if (last !== undefined && !holds) setPerson(last);
  }, [last, holds, setPerson]);
  useEffect(
    () =>
      onSignedOut(() => {
        void forgetKnown();
        void client.invalidateQueries({ queryKey: session().queryKey });
      }),
    [client],
  );
  if (!query.data)
    return query.error ? <Failure error={query.error} /> : <Reading what="Looking who is here" />;
  if (last === undefined) return <DoorPage now={query.data} />;
  return holds ? children : <Reading what="Looking who is here" />;
}
