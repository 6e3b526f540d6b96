import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { passkeys, trust } from '../../api/queries';
import type { Account, AskedPasskey, Passkey } from '../../api/types';
import { isOpenByName, keepsPasskeys, makePasskeyFor } from '../../forms/passkeys';
import { Button } from '../../ui/Button';
import { Failure, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { RowButton } from '../../ui/RowButton';
import { Table, Td, Th } from '../../ui/Table';
import { TextField } from '../../ui/TextField';
import { moment } from '../../units/when';

/** Ways in without a password, of whoever holds the screen; an owner sees everybody's. */
export function Passkeys({ holder, people }: { holder: Account; people: Account[] }) {
  const client = useQueryClient();
  const remove = useMutation({
    mutationFn: (id: string) => ask(api.DELETE('/api/passkeys/{id}', { params: { path: { id } } })),
    onSettled: () => client.invalidateQueries({ queryKey: passkeys().queryKey }),
  });
  return (
    <section>
      <Heading note="by a face, a finger or a number that never leaves the device">Passkeys</Heading>
      <Loaded query={useQuery(passkeys())} what="Reading the passkeys">
        {(all) => (
          <>
            {all.length > 0 && (
              <Kept all={all} people={people} onRemove={(id) => remove.mutate(id)} busy={remove.isPending} />
            )}
            {remove.error && <Failure error={remove.error} />}
          </>
        )}
      </Loaded>
      {keepsPasskeys() ? isOpenByName() ? <Make holder={holder} /> : <ByName /> : <NoneHere />}
    </section>
  );
}

function Kept(props: { all: Passkey[]; people: Account[]; busy: boolean; onRemove: (id: string) => void }) {
  const name = (id: string) => props.people.find((p) => p.id === id)?.name ?? '';
  return (
    <Table>
      <thead>
        <tr>
          <Th>whose</Th>
          <Th>called</Th>
          <Th>good for</Th>
          <Th>used last</Th>
          <Th>
            <span className="sr-only">take out</span>
          </Th>
        </tr>
      </thead>
      <tbody>
        {props.all.map((p) => (
          <tr key={p.id}>
            <Td>{name(p.account)}</Td>
            <Td className="font-[600]">{p.label}</Td>
            <Td>{p.site}</Td>
            <Td>{p.lastUsedAt ? moment(p.lastUsedAt) : 'never'}</Td>
            <Td>
              <RowButton
                act="Take out"
                of={p.label}
                disabled={props.busy}
                onClick={() => props.onRemove(p.id)}
              />
            </Td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

function Make({ holder }: { holder: Account }) {
  const client = useQueryClient();
  const [label, setLabel] = useState('');
  const [password, setPassword] = useState('');
  const make = useMutation({
    mutationFn: async () => {
      const asked = await ask<AskedPasskey>(api.POST('/api/passkeys/asked', { body: { password } }));
      const credential = await makePasskeyFor(asked.options);
      if (credential === null) return null;
      const body = { asked: asked.id, label: label.trim(), credential };
      return ask<Passkey[]>(api.POST('/api/passkeys', { body }));
    },
    onSuccess: (all) => {
      if (!all) return;
      setLabel('');
      setPassword('');
      client.setQueryData(passkeys().queryKey, all);
    },
  });
  if (!holder.withPassword) {
    return (
      <p className="mt-3 max-w-[60ch] text-[14.5px] text-ink-2">
        A passkey is made with one’s own password, and {holder.name} has none. An owner sets one.
      </p>
    );
  }
  return (
    <form
      className="mt-4 grid gap-3 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        make.mutate();
      }}
    >
      <TextField
        label="What the passkey is called"
        help="Such as: my phone."
        value={label}
        maxLength={60}
        onChange={setLabel}
      />
      <TextField
        label={`Password of ${holder.name}`}
        help="Whoever is handed this screen makes none in your name."
        type="password"
        value={password}
        maxLength={200}
        autoComplete="current-password"
        onChange={setPassword}
      />
      <Button type="submit" className="self-center" disabled={!label.trim() || !password || make.isPending}>
        Make a passkey
      </Button>
      {make.data === null && <p className="self-center text-[14px] text-ink-2">None was made.</p>}
      {make.error && <Failure error={make.error} />}
    </form>
  );
}

/** The same Frenum has a name as well. */
function ByName() {
  const named = useQuery(trust()).data?.named;
  const here = `http://localhost:${window.location.port}`;
  const isHere = window.location.hostname === '127.0.0.1';
  const address = isHere ? here : named;
  return (
    <p className="mt-3 max-w-[60ch] text-[14.5px] text-ink-2">
      Browsers keep passkeys for names, not for numbers like this address.{' '}
      {address ? (
        <>
          Sign in once at{' '}
          <a className="underline" href={`${address}/people`}>
            {address}
          </a>
          {isHere ? ', which is the same Frenum' : ', where this network knows that name'}, and make one
          there.
        </>
      ) : (
        'This Frenum has no name on this network.'
      )}
    </p>
  );
}

function NoneHere() {
  return <p className="mt-3 text-[14.5px] text-ink-2">This browser keeps no passkeys.</p>;
}
