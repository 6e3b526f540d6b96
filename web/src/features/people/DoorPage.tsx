import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { api, ask } from '../../api/client';
import { session } from '../../api/queries';
import type { Account, Session } from '../../api/types';
import { SignInForm } from '../../forms/SignInForm';
import { Button } from '../../ui/Button';
import { Failure, Heading } from '../../ui/Layout';
import { TextField } from '../../ui/TextField';
import { useTitle } from '../../ui/useTitle';
import { byRole, ROLES } from './roles';

const ON_THE_CARD = /^\/tests\/[^/]+\/run$/;

/** Nobody is signed in at this screen yet. */
export function DoorPage({ now }: { now: Session }) {
  const joining = window.location.pathname === '/join';
  useTitle(now.needsOwner ? 'First owner' : 'Sign in');
  return (
    <main id="main" className="mx-auto grid min-h-dvh max-w-[420px] content-center gap-6 px-4 py-10">
      <p className="flex items-center gap-2.5 text-[19px] font-[750]">
        <svg width="24" height="24" aria-hidden>
          <path d="M2 3v6M8 3v6M14 3v18M20 3v6" stroke="var(--ink)" strokeWidth="3.2" fill="none" />
        </svg>
        Frenum
      </p>
      {ON_THE_CARD.test(window.location.pathname) && <StopsNothing />}
      <h1 className="text-[26px]">{now.needsOwner ? 'Who answers for this Frenum?' : 'Who is here?'}</h1>
      {now.needsOwner ? (
        <>
          <p className="text-ink-2">
            The owner says who else may come in, and as what. Everything that is judged or signed carries the
            name of whoever did it.
          </p>
          <SignInForm first shortest={now.shortestPassword} />
        </>
      ) : (
        <>
          {joining && <ByCode />}
          {now.ready.length > 0 && <ReadyMade people={now.ready} />}
          {!joining && <SignInForm shortest={now.shortestPassword} />}
          {joining ? (
            <Folded title="With name and password">
              <SignInForm shortest={now.shortestPassword} />
            </Folded>
          ) : (
            <Folded title="With a code from another screen">
              <ByCode />
            </Folded>
          )}
        </>
      )}
      <p className="text-[13px] text-ink-3">Closed course only, never a public road.</p>
    </main>
  );
}

/** Whoever holds a card in hand must not think that it can stop anything. */
function StopsNothing() {
  return (
    <p role="alert" className="border-l-[3px] border-block bg-sheet p-4">
      <b className="font-[650] text-block">This card is signed out and stops nothing.</b> To stop testing, say
      “Stop, stop, stop” on the radio; anyone may. Then sign in.
    </p>
  );
}

function Folded({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details className="border-t border-joint pt-4">
      <summary className="cursor-pointer font-[600]">{title}</summary>
      <div className="mt-4">{children}</div>
    </details>
  );
}

/** The demo's made-up people: one press each. */
function ReadyMade({ people }: { people: Account[] }) {
  const client = useQueryClient();
  const enter = useMutation({
    mutationFn: (account: string) => ask<Session>(api.POST('/api/session/ready', { body: { account } })),
    onSuccess: (now) => client.setQueryData(session().queryKey, now),
  });
  return (
    <section>
      <Heading note="made up, one press each">The demo’s people</Heading>
      <div className="grid gap-2">
        {[...people].sort(byRole).map((p) => (
          <Button
            key={p.id}
            className="h-auto min-h-16 flex-col items-start justify-center py-2 text-left"
            disabled={enter.isPending}
            onClick={() => enter.mutate(p.id)}
          >
            <span>{p.name}</span>
            <span className="text-[13px] font-normal text-ink-2">{ROLES[p.role]}</span>
          </Button>
        ))}
      </div>
      {enter.error && <Failure error={enter.error} />}
    </section>
  );
}

/** The camera brings the code along; else it is typed. */
function ByCode() {
  const client = useQueryClient();
  const [code, setCode] = useState(() => decodeURIComponent(window.location.hash.slice(1)));
  const [screenName, setScreenName] = useState('');
  const join = useMutation({
    mutationFn: () => ask<Session>(api.POST('/api/session/joined', { body: { code, screenName } })),
    onSuccess: (now) => {
      // The code is used: it need not stand in the address any longer.
      window.history.replaceState(null, '', '/join');
      client.setQueryData(session().queryKey, now);
    },
  });
  return (
    <form
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        join.mutate();
      }}
    >
      <TextField
        label="Code"
        help="Shown under People on a screen that is signed in; good once, for ten minutes."
        box="min-h-12 tracking-[0.12em] uppercase"
        value={code}
        maxLength={40}
        autoComplete="off"
        onChange={setCode}
      />
      <TextField
        label="What this screen is called"
        help="Such as: marshal’s phone."
        box="min-h-12"
        value={screenName}
        maxLength={60}
        onChange={setScreenName}
      />
      {join.error && <Failure error={join.error} />}
      <Button tone="main" type="submit" className="min-h-12" disabled={!code.trim() || join.isPending}>
        Join
      </Button>
    </form>
  );
}
