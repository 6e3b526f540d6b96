import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { forgetKnown } from '../../api/known';
import { session } from '../../api/queries';
import type { Session } from '../../api/types';
import { SignInForm } from '../../forms/SignInForm';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Failure, Heading } from '../../ui/Layout';
import { PasswordSheet } from './PasswordSheet';
import { ROLES } from './roles';

/** Who is signed in at this screen; it changes hands among them by one press. */
export function Here({ now }: { now: Session }) {
  const client = useQueryClient();
  const { person, setPerson } = usePreferences();
  const [adding, setAdding] = useState(false);
  const [changing, setChanging] = useState(false);
  const holder = now.people.find((p) => p.name === person);
  const out = useMutation({
    mutationFn: (account: string) =>
      ask<Session>(api.DELETE('/api/session/people/{account}', { params: { path: { account } } })),
    onSuccess: async (left) => {
      client.setQueryData(session().queryKey, left);
      if (left.people.length > 0) return;
      client.removeQueries({ predicate: (q) => q.queryKey[0] !== session().queryKey[0] });
      await forgetKnown();
    },
  });
  return (
    <section>
      <Heading note={now.screenName ?? ''}>Signed in here</Heading>
      <ul className="grid gap-2">
        {now.people.map((p) => (
          <li key={p.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-joint pb-2">
            <b className="font-[650]">{p.name}</b>
            <span className="text-[14px] text-ink-2">{ROLES[p.role]}</span>
            <span className="ml-auto flex gap-3">
              {p.name === person ? (
                <>
                  <span className="text-[14px] text-ink-2">holds it</span>
                  {(p.withPassword || p.role === 'OWNER') && (
                    <Button tone="link" onClick={() => setChanging(true)}>
                      Another password
                    </Button>
                  )}
                </>
              ) : (
                <Button tone="link" onClick={() => setPerson(p.name)}>
                  Hand over to {p.name}
                </Button>
              )}
              <Button tone="link" disabled={out.isPending} onClick={() => out.mutate(p.id)}>
                Sign out {p.name}
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {out.error && <Failure error={out.error} />}
      {changing && holder && (
        <PasswordSheet
          own
          account={holder}
          shortest={now.shortestPassword}
          onClose={() => setChanging(false)}
        />
      )}
      {adding ? (
        <div className="mt-4 max-w-[360px]">
          <SignInForm
            shortest={now.shortestPassword}
            onIn={(name) => {
              setPerson(name);
              setAdding(false);
            }}
          />
        </div>
      ) : (
        <Button className="mt-4" onClick={() => setAdding(true)}>
          Somebody else signs in here too
        </Button>
      )}
    </section>
  );
}
