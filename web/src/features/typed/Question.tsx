import { useQuery } from '@tanstack/react-query';
import { vehicles } from '../../api/queries';
import type { Quantity, Vehicle } from '../../api/types';
import { useEntries } from '../../forms/useForms';
import { Field, Input } from '../../ui/Field';
import { QuantityField } from '../../ui/QuantityField';

/** What a test must say before typed stops can be kept for it. */
export type Asked = {
  question: string;
  vehicle: string;
  baseline: string;
  changed: string;
  speed: Quantity | null;
};

export const NOTHING_ASKED: Asked = { question: '', vehicle: '', baseline: '', changed: '', speed: null };

/** A vehicle of this name, if the garage has one. */
export const vehicleNamed = (all: Vehicle[] | undefined, name: string) =>
  all?.find((v) => v.name.toLowerCase() === name.trim().toLowerCase());

/** Question, vehicle, two configurations by name, and the speed: what was changed may wait. */
export function Question({ asked, onChange }: { asked: Asked; onChange: (asked: Asked) => void }) {
  const known = useQuery(vehicles());
  const entry = useEntries('test');
  const text = (key: 'question' | 'vehicle' | 'baseline' | 'changed', longest: number) => ({
    value: asked[key],
    maxLength: longest,
    onChange: (e: { target: { value: string } }) => onChange({ ...asked, [key]: e.target.value }),
  });
  return (
    <div className="grid gap-3 md:grid-cols-2 lg:grid-cols-[2fr_1.2fr_1fr_1fr_1.1fr]">
      <Field label="What do you want to know" className="md:col-span-2 lg:col-span-1">
        <Input placeholder="Do the new pads stop it shorter?" {...text('question', 500)} />
      </Field>
      <Field label="Vehicle">
        <Input list="vehicles" autoComplete="off" {...text('vehicle', 200)} />
      </Field>
      <datalist id="vehicles">
        {known.data?.map((v) => (
          <option key={v.id} value={v.name} />
        ))}
      </datalist>
      <Field label="A, before">
        <Input placeholder="as it was" {...text('baseline', 200)} />
      </Field>
      <Field label="B, after">
        <Input placeholder="new pads" {...text('changed', 200)} />
      </Field>
      <QuantityField
        allowed={{ ...entry('SPEED'), label: 'Speed', help: '' }}
        value={asked.speed}
        onChange={(speed) => onChange({ ...asked, speed })}
      />
    </div>
  );
}
