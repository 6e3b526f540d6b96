import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../api/client';
import { session } from '../api/queries';
import type { Session } from '../api/types';
import { Button } from '../ui/Button';
import { Failure } from '../ui/Layout';
import { TextField } from '../ui/TextField';
import { PasskeyButton } from './PasskeyButton';

/** Name and password, at the door and where one more person comes to a screen. */
export function SignInForm(props: { first?: boolean; shortest: number; onIn?: (name: string) => void }) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const enter = useMutation({
    mutationFn: () => {
      const body = { name: name.trim(), password };
      return ask<Session>(
        props.first ? api.POST('/api/session/owner', { body }) : api.POST('/api/session/people', { body }),
      );
    },
    onSuccess: (now) => isIn(now),
  });
  const isIn = (now: Session) => {
    client.setQueryData(session().queryKey, now);
    const last = now.people.at(-1);
    if (last) props.onIn?.(last.name);
  };
  const short = props.first === true && password.length > 0 && password.length < props.shortest;
  return (
    <form
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        enter.mutate();
      }}
    >
      <TextField
        label="Name"
        help={props.first ? 'It stands beside what you keep, and is never given twice.' : undefined}
        box="min-h-12"
        value={name}
        maxLength={100}
        autoComplete="username"
        onChange={setName}
      />
      <TextField
        label="Password"
        help={
          props.first
            ? `At least ${props.shortest} characters; several words that do not belong together.`
            : undefined
        }
        box="min-h-12"
        type="password"
        value={password}
        maxLength={200}
        autoComplete={props.first ? 'new-password' : 'current-password'}
        onChange={setPassword}
      />
      {enter.error && <Failure error={enter.error} />}
      <Button
        tone="main"
        type="submit"
        className="min-h-12"
        disabled={!name.trim() || !password || short || enter.isPending}
      >
        {props.first ? 'I answer for this Frenum' : 'Sign in'}
      </Button>
      {!props.first && <PasskeyButton onIn={isIn} />}
    </form>
  );
}
