import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { vehicles } from '../../api/queries';
import type { GarageForm, Quantity, Vehicle } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { useUndo } from '../../ui/Undo';
import { word } from '../../ui/labels';
import { WeighedField, withEntry } from './WeighedField';

type Spec = NonNullable<Vehicle['spec']>;

/** All that may be known of a vehicle, with how to measure it. */
export function VehicleForm({ vehicle, form }: { vehicle: Vehicle; form: GarageForm }) {
  const client = useQueryClient();
  const undo = useUndo();
  const [name, setName] = useState(vehicle.name);
  const [description, setDescription] = useState(vehicle.description);
  const [spec, setSpec] = useState<Spec>(vehicle.spec as Spec);
  const save = useMutation({
    mutationFn: (v: Vehicle) => ask(api.PUT('/api/vehicles', { body: v })),
    onSuccess: (saved) => {
      void client.invalidateQueries({ queryKey: vehicles().queryKey });
      undo({
        message: `${saved.name} saved`,
        undo: () => save.mutate({ ...vehicle, version: saved.version }),
      });
    },
  });
  const errors = save.error instanceof Problem ? save.error.fields : {};
  const figures = spec.figures as Record<string, Quantity>;
  const uncertainties = spec.uncertainties as Record<string, Quantity>;
  const setFigure = (field: string, value: Quantity | null, uncertainty: Quantity | null) =>
    setSpec({
      ...spec,
      figures: withEntry(figures, field, value),
      uncertainties: withEntry(uncertainties, field, uncertainty),
    } as Spec);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate({ ...vehicle, name, description, spec });
      }}
    >
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-3">
        <Field label="Name" error={errors.name}>
          <Input value={name} onChange={(e) => setName(e.target.value)} />
        </Field>
        <Field label="Description" className="md:col-span-2">
          <Input value={description} onChange={(e) => setDescription(e.target.value)} />
        </Field>
        <Kinds spec={spec} errors={errors} onChange={setSpec} />
      </div>
      <div className="mt-8">
        <Heading note="what is unknown stays empty; only the figures that need it say so">
          What is known of it
        </Heading>
      </div>
      <div className="grid gap-x-8 gap-y-5 md:grid-cols-2 xl:grid-cols-3">
        {form.vehicle.map((entry) => (
          <WeighedField
            key={entry.field}
            entry={entry}
            value={figures[entry.field] ?? null}
            uncertainty={uncertainties[entry.field] ?? null}
            error={errors[`figures.${entry.field}`] ?? errors[`uncertainties.${entry.field}`]}
            onChange={(value, uncertainty) => setFigure(entry.field, value, uncertainty)}
          />
        ))}
      </div>
      <div className="mt-6 grid gap-3">
        {save.error && <Failure error={save.error} />}
        <div>
          <Button tone="main" type="submit" disabled={save.isPending}>
            Save the vehicle
          </Button>
        </div>
      </div>
    </form>
  );
}

/** What kind of vehicle it is, and what its brakes are like. */
function Kinds(props: { spec: Spec; errors: Record<string, string>; onChange: (spec: Spec) => void }) {
  const { spec, errors, onChange: setSpec } = props;
  const choice = (label: string, key: 'kind' | 'frontBrake' | 'rearBrake', options: string[]) => (
    <Field label={label} error={errors[key]}>
      <Select value={spec[key]} onChange={(e) => setSpec({ ...spec, [key]: e.target.value } as Spec)}>
        {options.map((o) => (
          <option key={o} value={o}>
            {word(o)}
          </option>
        ))}
      </Select>
    </Field>
  );
  const tick = (label: string, key: 'antiLock' | 'assist' | 'directionalDiscs') => (
    <label className="flex items-center gap-2 text-sm">
      <input
        type="checkbox"
        className="size-4 accent-[var(--ink)]"
        checked={spec[key]}
        onChange={(e) => setSpec({ ...spec, [key]: e.target.checked })}
      />
      {label}
    </label>
  );
  return (
    <>
      {choice('Kind', 'kind', ['CAR', 'MOTORCYCLE', 'TRUCK'])}
      {choice('Front brakes', 'frontBrake', ['DISC', 'DRUM', 'NONE'])}
      {choice('Rear brakes', 'rearBrake', ['DISC', 'DRUM', 'NONE'])}
      <div className="flex flex-wrap gap-6 md:col-span-3">
        {tick('Anti-lock fitted', 'antiLock')}
        {tick('Pedal assisted', 'assist')}
        {tick('Discs have a side they must be fitted on', 'directionalDiscs')}
      </div>
    </>
  );
}
