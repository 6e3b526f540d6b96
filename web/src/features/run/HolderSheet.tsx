import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, as, ask } from '../../api/client';
import { people } from '../../api/queries';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { Sheet } from '../../ui/Sheet';

/** Who holds this device: said once, carried by every judgement, overrule and release. */
export function HolderSheet({ onChosen }: { onChosen: (name: string) => void }) {
  const client = useQueryClient();
  const known = useQuery(people()).data ?? [];
  const [name, setName] = useState('');
  const add = useMutation({
    mutationFn: (who: string) => ask(api.POST('/api/people', { headers: as(who) })),
    onSuccess: (all, who) => {
      client.setQueryData(people().queryKey, all);
      onChosen(who);
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
        {known.map((n) => (
          <Button key={n} className="min-h-14 justify-start text-lg" onClick={() => onChosen(n)}>
            {n}
          </Button>
        ))}
        <form
          className="mt-3 flex items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            if (name.trim()) add.mutate(name.trim());
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
