import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { post } from '../../api/client';
import { operators } from '../../api/queries';
import type { Operator } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { Sheet } from '../../ui/Sheet';

/** Who holds this device: said once, carried by every judgement, overrule and release. */
export function OperatorSheet(props: { known: Operator[]; onChosen: (id: string) => void }) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const add = useMutation({
    mutationFn: () => post<Operator>('/operators', { id: crypto.randomUUID(), name }),
    onSuccess: async (o) => {
      await client.invalidateQueries({ queryKey: operators().queryKey });
      props.onChosen(o.id);
    },
  });
  return (
    <Sheet
      open
      title="Who holds this device?"
      description="Said once; what is decided here carries this name."
      onClose={() => undefined}
    >
      <div className="grid gap-3">
        {props.known.map((o) => (
          <Button key={o.id} className="min-h-14 justify-start text-lg" onClick={() => props.onChosen(o.id)}>
            {o.name}
          </Button>
        ))}
        <form
          className="mt-3 flex items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            if (name.trim()) add.mutate();
          }}
        >
          <Field label="Somebody else" className="flex-1">
            <Input
              className="min-h-14 text-lg"
              value={name}
              maxLength={100}
              onChange={(e) => setName(e.target.value)}
            />
          </Field>
          <Button tone="main" type="submit" className="min-h-14" disabled={!name.trim() || add.isPending}>
            That is me
          </Button>
        </form>
        {add.error && <Failure error={add.error} />}
      </div>
    </Sheet>
  );
}
