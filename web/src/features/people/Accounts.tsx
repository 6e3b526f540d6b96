import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { newId } from '../../api/newId';
import { accounts } from '../../api/queries';
import type { Account } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Select } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { RowButton } from '../../ui/RowButton';
import { TextField } from '../../ui/TextField';
import { PasswordSheet } from './PasswordSheet';
import { byRole, ROLES, shortRole } from './roles';

type Role = Account['role'];
const ALL = Object.keys(ROLES) as Role[];

/** Everybody who can sign in; only an owner changes that. */
export function Accounts(props: { holder: string; governs: boolean; shortest: number }) {
  const { governs, shortest } = props;
  const [setting, setSetting] = useState<Account | null>(null);
  const client = useQueryClient();
  const change = useMutation({
    mutationFn: (p: { id: string; role: Role; closed: boolean }) =>
      ask(
        api.PUT('/api/accounts/{id}/standing', {
          params: { path: { id: p.id } },
          body: { role: p.role, closed: p.closed },
        }),
      ),
    onSettled: () => client.invalidateQueries({ queryKey: accounts().queryKey }),
  });
  return (
    <section>
      <Heading note={governs ? 'names stand beside what was kept, so nobody is taken out' : ''}>
        Who there is
      </Heading>
      <Loaded query={useQuery(accounts())} what="Reading who there is">
        {(all) => (
          <ul className="grid gap-2">
            {[...all].sort(byRole).map((a) => (
              <li key={a.id} className="flex flex-wrap items-center gap-3 border-b border-joint pb-2">
                <b className={a.closed ? 'font-normal text-ink-3' : 'font-[650]'}>{a.name}</b>
                {a.closed && <span className="text-[14px] text-ink-3">may not sign in</span>}
                <span className="ml-auto flex items-center gap-3">
                  {governs ? (
                    <>
                      <Select
                        aria-label={`What ${a.name} may do`}
                        className="w-44"
                        value={a.role}
                        onChange={(e) =>
                          change.mutate({ id: a.id, role: e.target.value as Role, closed: a.closed })
                        }
                      >
                        {ALL.map((r) => (
                          <option key={r} value={r}>
                            {shortRole(r)}
                          </option>
                        ))}
                      </Select>
                      {a.name !== props.holder && (
                        <RowButton act="Set a password" of={`for ${a.name}`} onClick={() => setSetting(a)} />
                      )}
                      <Button
                        tone="link"
                        onClick={() => change.mutate({ id: a.id, role: a.role, closed: !a.closed })}
                      >
                        {a.closed ? `Let ${a.name} in again` : `Shut out ${a.name}`}
                      </Button>
                    </>
                  ) : (
                    <span className="text-[14px] text-ink-2">{ROLES[a.role]}</span>
                  )}
                </span>
              </li>
            ))}
          </ul>
        )}
      </Loaded>
      {change.error && <Failure error={change.error} />}
      {setting && (
        <PasswordSheet own={false} account={setting} shortest={shortest} onClose={() => setSetting(null)} />
      )}
      {governs && <Add shortest={shortest} />}
    </section>
  );
}

function Add({ shortest }: { shortest: number }) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [role, setRole] = useState<Role>('DRIVER');
  const add = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/accounts/{id}', {
          params: { path: { id: newId() } },
          body: { name: name.trim(), role, password: password || null },
        }),
      ),
    onSuccess: () => {
      setName('');
      setPassword('');
      return client.invalidateQueries({ queryKey: accounts().queryKey });
    },
  });
  const fields = add.error instanceof Problem ? add.error.fields : {};
  return (
    <form
      className="mt-6 grid gap-3 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate();
      }}
    >
      <TextField label="Name of somebody new" value={name} maxLength={100} onChange={setName} />
      <TextField
        label="Their password"
        help={`At least ${shortest} characters. Empty: they come in by a code alone.`}
        error={fields.password}
        type="password"
        value={password}
        maxLength={200}
        autoComplete="new-password"
        onChange={setPassword}
      />
      <Field label="What they may do" className="sm:col-span-2">
        <Select value={role} onChange={(e) => setRole(e.target.value as Role)}>
          {ALL.map((r) => (
            <option key={r} value={r}>
              {ROLES[r]}
            </option>
          ))}
        </Select>
      </Field>
      <Button type="submit" className="self-center" disabled={!name.trim() || add.isPending}>
        Add
      </Button>
      {add.error && <Failure error={add.error} />}
    </form>
  );
}
