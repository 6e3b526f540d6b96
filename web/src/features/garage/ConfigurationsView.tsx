import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { configurations } from '../../api/queries';
import type { Configuration, GarageForm, Vehicle } from '../../api/types';
import { Button } from '../../ui/Button';
import { EmptySlab, Failure } from '../../ui/Layout';
import { cx } from '../../ui/cx';
import { ConfigurationForm } from './ConfigurationForm';
import { labelOf } from '../../ui/labels';

/** All configurations of a vehicle, and the chosen one in full. */
export function ConfigurationsView(props: {
  vehicle: Vehicle;
  all: Configuration[];
  form: GarageForm;
  chosen: string | null;
  set: (key: string, value: string) => void;
}) {
  const client = useQueryClient();
  const { vehicle, all, set } = props;
  const chosen = all.find((c) => c.id === props.chosen) ?? all[0];
  const add = useMutation({
    mutationFn: (from: Configuration | null) =>
      ask(
        api.POST('/api/configurations', {
          body: {
            id: crypto.randomUUID(),
            vehicleId: vehicle.id,
            name: from ? `${from.name}, changed` : `Configuration ${all.length + 1}`,
            changed: [],
            spec: from?.spec ?? null,
          },
        }),
      ),
    onSuccess: async (c) => {
      await client.invalidateQueries({ queryKey: configurations(vehicle.id).queryKey });
      set('configuration', c.id);
    },
  });
  if (!chosen) {
    return (
      <EmptySlab line="The first configuration is usually the car as it stands.">
        <Button tone="main" onClick={() => add.mutate(null)}>
          Describe it
        </Button>
      </EmptySlab>
    );
  }
  return (
    <div className="grid gap-8 lg:grid-cols-[240px_1fr]">
      <aside>
        <ul className="grid gap-1">
          {all.map((c) => (
            <li key={c.id}>
              <button
                type="button"
                aria-current={c.id === chosen.id}
                onClick={() => set('configuration', c.id)}
                className={cx(
                  'w-full rounded-control px-2.5 py-2 text-left text-sm font-[600]',
                  c.id === chosen.id ? 'bg-ink text-on-ink' : 'hover:bg-band',
                )}
              >
                {labelOf(c)}
                <span className="block text-[13px] font-normal">
                  {c.driven ? 'driven: a change makes the next edition' : 'not driven yet'}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <div className="mt-3 grid gap-2">
          <Button onClick={() => add.mutate(chosen)}>Copy it to change it</Button>
          <Button onClick={() => add.mutate(null)}>Describe another</Button>
          {add.error && <Failure error={add.error} />}
        </div>
      </aside>
      <ConfigurationForm
        key={`${chosen.id} ${chosen.version}`}
        configuration={chosen}
        form={props.form}
        onSaved={(id) => set('configuration', id)}
      />
    </div>
  );
}
