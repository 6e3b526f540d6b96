import { zodResolver } from '@hookform/resolvers/zod';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { tests, vehicles } from '../../api/queries';
import type { SaveRequest } from '../../api/types';
import { Field, Input, Select } from '../../ui/Field';
import { Heading } from '../../ui/Layout';

export type NewTest = { vehicle: SaveRequest['newVehicle']; test: NonNullable<SaveRequest['newTest']> };

const NEW = 'new';
const inRange = (low: number, high: number, what: string) =>
  z.coerce
    .number(`${what} must be a number.`)
    .min(low, `${what} must be ${low} to ${high}.`)
    .max(high, `${what} must be ${low} to ${high}.`);

const schema = z
  .object({
    question: z.string().trim().min(1, 'Say what you want to know.').max(500),
    vehicleId: z.string(),
    vehicleName: z.string().trim().max(200),
    lane: z.string().trim().max(200),
    speed: inRange(10, 400, 'The nominal speed'),
    unit: z.enum(['KILOMETRES_PER_HOUR', 'MILES_PER_HOUR']),
    margin: inRange(0.01, 100, 'What is worth having'),
    basis: z.enum(['ONSET_TO_REST', 'SPEED_WINDOW']),
  })
  .refine((v) => v.vehicleId !== NEW || v.vehicleName !== '', {
    path: ['vehicleName'],
    message: 'Name the vehicle.',
  });

type Values = z.input<typeof schema>;

/** What a test must say before stops can be measured for it. */
export function NewTestForm({ onReady }: { onReady: (test: NewTest | null) => void }) {
  const known = useQuery(vehicles());
  const [ids] = useState(() => ({ test: crypto.randomUUID(), vehicle: crypto.randomUUID() }));
  const form = useForm<Values>({
    resolver: zodResolver(schema),
    mode: 'onTouched',
    defaultValues: {
      question: '',
      vehicleId: NEW,
      vehicleName: '',
      lane: '',
      speed: 90,
      unit: 'KILOMETRES_PER_HOUR',
      margin: 1,
      basis: 'ONSET_TO_REST',
    },
  });
  // The vehicle of the last test is the likeliest; a list that comes late must not undo a choice.
  const likeliest = useQuery(tests()).data?.[0]?.test.vehicleId;
  useEffect(() => {
    if (likeliest && known.data && !form.formState.dirtyFields.vehicleId)
      form.resetField('vehicleId', { defaultValue: likeliest });
  }, [likeliest, known.data, form]);
  const values = useWatch({ control: form.control });
  const errors = form.formState.errors;
  useEffect(() => {
    const parsed = schema.safeParse(values);
    if (!parsed.success) {
      onReady(null);
      return;
    }
    const v = parsed.data;
    const isNew = v.vehicleId === NEW;
    onReady({
      vehicle: isNew ? { id: ids.vehicle, name: v.vehicleName, description: '' } : null,
      test: {
        id: ids.test,
        vehicleId: isNew ? ids.vehicle : v.vehicleId,
        question: v.question,
        lane: v.lane,
        grade: null,
        nominalSpeed: { value: v.speed, unit: v.unit },
        basis: v.basis,
        marginSize: v.margin,
        marginOfBaseline: false,
        drivenOn: new Date().toISOString().slice(0, 10),
      },
    });
  }, [values, ids, onReady]);
  return (
    <div>
      <Heading>The new test</Heading>
      <div className="grid max-w-3xl gap-4 md:grid-cols-2">
        <Field label="What do you want to know" error={errors.question?.message} className="md:col-span-2">
          <Input placeholder="Do the new pads stop it shorter?" {...form.register('question')} />
        </Field>
        <Field label="Vehicle">
          <Select {...form.register('vehicleId')}>
            <option value={NEW}>A new one…</option>
            {known.data?.map((v) => (
              <option key={v.id} value={v.id}>
                {v.name}
              </option>
            ))}
          </Select>
        </Field>
        {values.vehicleId === NEW && (
          <Field label="Its name" error={errors.vehicleName?.message}>
            <Input {...form.register('vehicleName')} />
          </Field>
        )}
        <Field label="Nominal speed" error={errors.speed?.message} help="The speed that every run aims at.">
          <span className="flex gap-2">
            <Input type="number" step="any" {...form.register('speed')} />
            <Select aria-label="Unit of the nominal speed" className="w-24" {...form.register('unit')}>
              <option value="KILOMETRES_PER_HOUR">km/h</option>
              <option value="MILES_PER_HOUR">mph</option>
            </Select>
          </span>
        </Field>
        <Field
          label="Worth having"
          error={errors.margin?.message}
          help="The smallest difference that would matter to you."
        >
          <Input type="number" step="any" unit="m" {...form.register('margin')} />
        </Field>
        <Field label="Distance counts" help="Series counted from different points are never compared.">
          <Select {...form.register('basis')}>
            <option value="ONSET_TO_REST">from the brake point to rest</option>
            <option value="SPEED_WINDOW">from the nominal speed to rest</option>
          </Select>
        </Field>
        <Field label="Lane" error={errors.lane?.message} help="A closed course; never a public road.">
          <Input {...form.register('lane')} />
        </Field>
      </div>
    </div>
  );
}
