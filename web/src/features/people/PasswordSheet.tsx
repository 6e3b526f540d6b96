import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { accounts, passkeys, screens, session } from '../../api/queries';
import type { Account } from '../../api/types';
import { Button } from '../../ui/Button';
import { Failure } from '../../ui/Layout';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';

/** Another password: one's own by whoever knows the one before, anybody's by an owner. */
export function PasswordSheet(props: {
  account: Account;
  own: boolean;
  shortest: number;
  onClose: () => void;
}) {
  const { account, shortest, onClose } = props;
  const asksCurrent = props.own && account.withPassword;
  const client = useQueryClient();
  const [current, setCurrent] = useState('');
  const [password, setPassword] = useState('');
  const change = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/accounts/{id}/password', {
          params: { path: { id: account.id } },
          body: { current: asksCurrent ? current : null, password },
        }),
      ),
    onSuccess: async () => {
      onClose();
      await Promise.all(
        [...(props.own ? [session()] : []), accounts(), passkeys(), screens()].map((q) =>
          client.invalidateQueries({ queryKey: q.queryKey }),
        ),
      );
    },
  });
  const fields = change.error instanceof Problem ? change.error.fields : {};
  return (
    <Sheet
      open
      title={props.own ? 'Another password' : `A password for ${account.name}`}
      description={`Whoever came in by the one before is out${props.own ? ', but on this screen' : ''}, and passkeys that were made with it are taken out.`}
      onClose={onClose}
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          change.mutate();
        }}
      >
        {asksCurrent && (
          <TextField
            label="The one that you have"
            type="password"
            value={current}
            maxLength={200}
            autoComplete="current-password"
            onChange={setCurrent}
          />
        )}
        <TextField
          label="The new one"
          help={`At least ${shortest} characters; several words that do not belong together.`}
          error={fields.password}
          type="password"
          value={password}
          maxLength={200}
          autoComplete="new-password"
          onChange={setPassword}
        />
        {change.error && !fields.password && <Failure error={change.error} />}
        <Button
          tone="main"
          type="submit"
          disabled={password.length < shortest || (asksCurrent && !current) || change.isPending}
        >
          Change it
        </Button>
      </form>
    </Sheet>
  );
}
