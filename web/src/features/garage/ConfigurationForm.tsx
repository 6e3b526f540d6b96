import { newId } from '../../api/newId';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { configurations } from '../../api/queries';
import type { Configuration, GarageForm, Part, Vehicle } from '../../api/types';
import { YourName } from '../../forms/YourName';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { PartRow } from './PartRow';

type Parts = Record<string, Part>;

const TAKEN = 'There is one of this name already. Give this one a name of its own.';

/** A configuration part by part, with what is switched on, and its fitting checks. */
export function ConfigurationForm(props: {
  configuration: Configuration;
  /** Not kept yet: saving makes it. */
  isDraft: boolean;
  /** What others of the vehicle are called. */
  taken: string[];
  form: GarageForm;
  vehicle: Vehicle['spec'];
  onSaved: (id: string) => void;
}) {
  const client = useQueryClient();
  const { configuration: c, form } = props;
  const [nextId] = useState(() => newId());
  const [name, setName] = useState(c.name);
  const [parts, setParts] = useState<Parts>((c.spec?.parts ?? {}) as unknown as Parts);
  const [switches, setSwitches] = useState(c.spec?.switches ?? {});
  const [fitting, setFitting] = useState<Record<string, string>>(c.fitting ?? {});
  const save = useMutation({
    mutationFn: async () => {
      const spec = { parts, switches };
      const made = props.isDraft
        ? await ask(
            api.POST('/api/configurations', {
              body: { id: c.id, vehicleId: c.vehicleId, name, changed: [], spec },
            }),
          )
        : null;
      if (made && Object.keys(fitting).length === 0) return made;
      return ask(
        api.PUT('/api/configurations', {
          params: { query: { nextId } },
          body: { ...(made ?? c), name, spec, fitting },
        }),
      );
    },
    onSuccess: async (saved) => {
      await client.invalidateQueries({ queryKey: configurations(c.vehicleId).queryKey });
      props.onSaved(saved.id);
    },
  });
  const isTaken = props.isDraft && props.taken.includes(name.trim());
  const errors = save.error instanceof Problem ? save.error.fields : {};
  const setPart = (slot: string, part: Part | null) => {
    const next = { ...parts };
    if (part) next[slot] = part;
    else delete next[slot];
    setParts(next);
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <Field label="Name of the configuration" error={isTaken ? TAKEN : errors.name} className="max-w-md">
        <Input value={name} onChange={(e) => setName(e.target.value)} />
      </Field>
      <div className="mt-6">
        <Heading note="described without its maker; an empty place is as the vehicle came">
          Parts and settings
        </Heading>
        {form.slots.map((slot) => (
          <PartRow
            key={slot.slot}
            slot={slot}
            drum={hasDrum(props.vehicle, slot.front)}
            works={form.works}
            entries={form.parts}
            part={parts[slot.slot] ?? null}
            errors={errors}
            onChange={(p) => setPart(slot.slot, p)}
          />
        ))}
      </div>
      <div className="mt-6 grid gap-8 md:grid-cols-2">
        <Switches form={form} switches={switches} onChange={setSwitches} />
        <FittingChecks
          checks={form.fitting.filter((f) => props.vehicle.kind === 'MOTORCYCLE' || !f.ofMotorcycles)}
          fitting={fitting}
          onChange={setFitting}
        />
      </div>
      <div className="mt-6 grid gap-3">
        {save.error && <Failure error={save.error} />}
        <div>
          <Button tone="main" type="submit" disabled={save.isPending || isTaken}>
            {c.driven ? 'Save as its next edition' : 'Save the configuration'}
          </Button>
        </div>
      </div>
    </form>
  );
}

function hasDrum(vehicle: Vehicle['spec'], front: boolean | null): boolean {
  if (front === null) return false;
  return (front ? vehicle.frontBrake : vehicle.rearBrake) === 'DRUM';
}

type Declared = NonNullable<Configuration['spec']>['switches'];

function Switches(props: { form: GarageForm; switches: Declared; onChange: (switches: Declared) => void }) {
  const { form, switches, onChange: setSwitches } = props;
  return (
    <div>
      <Heading note="a stop driven otherwise does not count">Switches</Heading>
      <div className="grid gap-3">
        {form.switches.map((s) => (
          <Field key={s.name} label={s.label}>
            <Select
              value={String((switches as Record<string, boolean>)[s.name] ?? '')}
              onChange={(e) => {
                const next: Record<string, boolean> = { ...switches };
                if (e.target.value === '') delete next[s.name];
                else next[s.name] = e.target.value === 'true';
                setSwitches(next);
              }}
            >
              <option value="">not declared</option>
              <option value="true">on</option>
              <option value="false">off</option>
            </Select>
          </Field>
        ))}
      </div>
    </div>
  );
}

function FittingChecks(props: {
  checks: GarageForm['fitting'];
  fitting: Record<string, string>;
  onChange: (fitting: Record<string, string>) => void;
}) {
  const { checks, fitting, onChange: setFitting } = props;
  const { person } = usePreferences();
  return (
    <div>
      <Heading note="wheels off, before its first stop; each with a name">Fitting checks</Heading>
      <YourName label="Ticked by" className="mb-3 max-w-60" />
      <ul className="grid gap-2">
        {checks.map((check) => (
          <li key={check.name}>
            <label className="flex gap-2 text-sm">
              <input
                type="checkbox"
                className="mt-0.5 size-4 flex-none accent-[var(--ink)]"
                checked={check.name in fitting}
                onChange={(e) => {
                  const next = { ...fitting };
                  if (e.target.checked) next[check.name] = person;
                  else delete next[check.name];
                  setFitting(next);
                }}
              />
              <span>
                {check.label}
                {fitting[check.name] && <b className="font-[600]"> · {fitting[check.name]}</b>}
              </span>
            </label>
          </li>
        ))}
      </ul>
    </div>
  );
}
