import { newId } from '../api/newId';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { vehicles } from '../api/queries';
import type { Quantity, SaveRequest } from '../api/types';
import { Field, Input, Select } from '../ui/Field';
import { Heading } from '../ui/Layout';
import { outOfBounds, QuantityField } from '../ui/QuantityField';
import { usePreferences } from '../reader/preferences';
import { metres, TYPED, unitsOf, type System } from '../units/units';
import { useChoices, useEntries } from './useForms';

export type NewTest = { vehicle: SaveRequest['newVehicle']; test: NonNullable<SaveRequest['newTest']> };

const NEW = 'new';
/** A usual speed and difference, round in the units of whoever types. */
const USUAL = { metric: [90, 1], imperial: [60, 3] } as const;

const START = {
  question: '',
  vehicleId: NEW,
  vehicleName: '',
  lane: '',
  speed: null as Quantity | null,
  margin: null as Quantity | null,
  basis: 'ONSET_TO_REST',
};

/** What a test must say before stops can be measured for it. */
export function NewTestForm(props: {
  /** What the stops that come in begin at, m/s; taken until somebody says otherwise. */
  foundMps?: number | null;
  onReady: (test: NewTest | null) => void;
}) {
  const { foundMps, onReady } = props;
  const { system } = usePreferences();
  const known = useQuery(vehicles());
  const entry = useEntries('test');
  const margin = {
    ...entry('MARGIN'),
    units: entry('MARGIN').units.filter((u) => u.unit === 'METRES' || u.unit === 'FEET'),
  };
  const bases = useChoices('bases');
  const [ids] = useState(() => ({ test: newId(), vehicle: newId() }));
  const [values, setValues] = useState({
    ...START,
    speed: { entered: roundSpeed(foundMps, system), unit: TYPED[system].speed } as Quantity | null,
    margin: { entered: USUAL[system][1], unit: TYPED[system].distance } as Quantity | null,
  });
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const set = (part: Partial<typeof START>) => setValues({ ...values, ...part });
  const speedOk = isInside(values.speed, entry('SPEED'));
  const marginOk = isInside(values.margin, entry('MARGIN'));
  useEffect(
    () => onReady(speedOk && marginOk ? newTest(values, ids) : null),
    [values, ids, speedOk, marginOk, onReady],
  );
  /** Said once the field was left: nobody is told off while typing. */
  const missing = (key: 'question' | 'vehicleName', words: string) => ({
    error: left.has(key) && values[key].trim() === '' ? words : undefined,
  });
  const text = (key: 'question' | 'vehicleName' | 'lane', longest: number) => ({
    value: values[key],
    maxLength: longest,
    onChange: (e: { target: { value: string } }) => set({ [key]: e.target.value }),
    onBlur: () => setLeft(new Set(left).add(key)),
  });
  return (
    <div>
      <Heading>The new test</Heading>
      <div className="grid max-w-3xl gap-4 md:grid-cols-2">
        <Field
          label="What do you want to know"
          {...missing('question', 'Say what you want to know.')}
          className="md:col-span-2"
        >
          <Input placeholder="Do the new pads stop it shorter?" {...text('question', 500)} />
        </Field>
        <Field label="Vehicle">
          <Select value={values.vehicleId} onChange={(e) => set({ vehicleId: e.target.value })}>
            <option value={NEW}>A new one…</option>
            {known.data?.map((v) => (
              <option key={v.id} value={v.id}>
                {v.name}
              </option>
            ))}
          </Select>
        </Field>
        {values.vehicleId === NEW && (
          <Field label="Its name" {...missing('vehicleName', 'Name the vehicle.')}>
            <Input {...text('vehicleName', 200)} />
          </Field>
        )}
        <QuantityField
          allowed={{ ...entry('SPEED'), label: 'Nominal speed', help: 'The speed that every run aims at.' }}
          value={values.speed}
          onChange={(speed) => set({ speed })}
        />
        <QuantityField allowed={margin} value={values.margin} onChange={(margin) => set({ margin })} />
        <Field label="Distance counts" help="Series counted from different points are never compared.">
          <Select value={values.basis} onChange={(e) => set({ basis: e.target.value })}>
            {bases.map((b) => (
              <option key={b.name} value={b.name}>
                {b.label}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Lane" help="A closed course; never a public road.">
          <Input {...text('lane', 200)} />
        </Field>
      </div>
    </div>
  );
}

/** To the next five in the units of whoever types: nobody aims at 98.7. */
const roundSpeed = (mps: number | null | undefined, system: System) =>
  mps == null ? USUAL[system][0] : 5 * Math.round(unitsOf(system).speed.of(mps) / 5);

const isInside = (q: Quantity | null, allowed: Parameters<typeof outOfBounds>[2]): boolean =>
  q !== null && outOfBounds(q.entered, q.unit, allowed) === undefined;

/** What is sent once everything is said; null before. */
function newTest(values: typeof START, ids: { test: string; vehicle: string }): NewTest | null {
  const { question, vehicleId, vehicleName, lane, speed, margin, basis } = values;
  const isNew = vehicleId === NEW;
  if (question.trim() === '' || (isNew && vehicleName.trim() === '') || !speed || !margin) return null;
  return {
    vehicle: isNew ? { id: ids.vehicle, name: vehicleName.trim(), description: '', spec: null } : null,
    test: {
      id: ids.test,
      vehicleId: isNew ? ids.vehicle : vehicleId,
      question: question.trim(),
      lane: lane.trim(),
      grade: null,
      nominalSpeed: { value: speed.entered, unit: speed.unit },
      basis: basis as NewTest['test']['basis'],
      marginSize: metres(margin),
      marginOfBaseline: false,
      drivenOn: new Date().toISOString().slice(0, 10),
      rehearsal: false,
    },
  };
}
