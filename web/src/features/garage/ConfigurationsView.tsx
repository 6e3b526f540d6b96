import { newId } from '../../api/newId';
import { useState } from 'react';
import type { Configuration, GarageForm, Vehicle } from '../../api/types';
import { Button } from '../../ui/Button';
import { EmptySlab } from '../../ui/Layout';
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
  const { vehicle, all, set } = props;
  const [draft, setDraft] = useState<Configuration | null>(null);
  const chosen = draft ?? all.find((c) => c.id === props.chosen) ?? all[0];
  const describe = (from: Configuration | null) => setDraft(drafted(vehicle.id, from, all.length));
  const kept = (id: string) => {
    setDraft(null);
    set('configuration', id);
  };
  if (!chosen) {
    return (
      <EmptySlab line="The first configuration is usually the vehicle as it stands.">
        <Button tone="main" onClick={() => describe(null)}>
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
                onClick={() => kept(c.id)}
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
          {draft ? (
            <Button onClick={() => setDraft(null)}>Leave it undescribed</Button>
          ) : (
            <>
              <Button onClick={() => describe(chosen)}>Copy it to change it</Button>
              <Button onClick={() => describe(null)}>Describe another</Button>
            </>
          )}
        </div>
      </aside>
      <ConfigurationForm
        key={`${chosen.id} ${chosen.version}`}
        configuration={chosen}
        isDraft={draft !== null}
        taken={all.map((c) => c.name)}
        form={props.form}
        vehicle={vehicle.spec}
        onSaved={kept}
      />
    </div>
  );
}

/** One to be described: it is kept nowhere before it is saved. */
function drafted(vehicleId: string, from: Configuration | null, others: number): Configuration {
  return {
    id: newId(),
    vehicleId,
    name: from ? `${from.name}, changed` : `Configuration ${others + 1}`,
    changed: [],
    edition: 1,
    replacesId: null,
    spec: from?.spec ?? { parts: {}, switches: {} },
    fitting: {},
    driven: false,
    version: 0,
  };
}
