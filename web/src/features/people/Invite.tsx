import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { accounts } from '../../api/queries';
import type { Account, Invitation, Session } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Select } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { hour } from '../../units/when';

/** Shows the code by which one phone comes in as one person, once. */
export function Invite(props: { now: Session; holder: Account | undefined; governs: boolean }) {
  const { holder } = props;
  const all = (useQuery(accounts()).data ?? []).filter((a) => !a.closed);
  const open = props.governs ? all : holder ? [holder] : [];
  const [chosen, setChosen] = useState('');
  const account = open.some((a) => a.id === chosen) ? chosen : (holder?.id ?? '');
  const invite = useMutation({
    mutationFn: () => ask<Invitation>(api.POST('/api/screens/invitations', { body: { account } })),
  });
  return (
    <section>
      <Heading note="with its camera, or by typing twelve letters">Let a phone in</Heading>
      <div className="flex flex-wrap items-end gap-3">
        <Field label="As whom" className="w-64">
          <Select value={account} onChange={(e) => setChosen(e.target.value)}>
            {open.map((a) => (
              <option key={a.id} value={a.id}>
                {a.name}
              </option>
            ))}
          </Select>
        </Field>
        <Button disabled={!account || invite.isPending} onClick={() => invite.mutate()}>
          Show a code
        </Button>
      </div>
      {invite.error && <Failure error={invite.error} />}
      {invite.data && <Shown invitation={invite.data} />}
    </section>
  );
}

function Shown({ invitation }: { invitation: Invitation }) {
  const until = hour(invitation.expiresAt);
  const encrypted = invitation.links.some((l) => l.address.startsWith('https'));
  return (
    <div className="mt-4 flex flex-wrap gap-6">
      {invitation.links.map((link) => (
        <figure key={link.address} className="w-44">
          <svg
            viewBox={`0 0 ${link.picture.size} ${link.picture.size}`}
            role="img"
            aria-label={`Picture of ${link.address} for a camera`}
            className="w-44 bg-[#fff]"
            shapeRendering="crispEdges"
          >
            <path d={link.picture.path} fill="#000" />
          </svg>
          <figcaption className="mt-1 text-[13px] break-all text-ink-2">
            {link.address.split('#')[0]}
          </figcaption>
        </figure>
      ))}
      <p>
        <span className="block text-[13px] text-ink-2">Code, good once until {until}</span>
        {encrypted && (
          <a className="mb-2 block underline" href="/trust">
            How a phone comes to trust this Frenum
          </a>
        )}
        <b className="text-[26px] font-[650] tracking-[0.08em]">{invitation.code}</b>
      </p>
    </div>
  );
}
