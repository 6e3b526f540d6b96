import type { Gate, Phase, Quantity } from '../../api/types';
import { useEntries, useSymbols } from '../../forms/useForms';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { QuantityField } from '../../ui/QuantityField';
import { word } from '../../ui/labels';
import { phaseWords, SYSTEM, WHOSE } from './words';

const KINDS: Phase['kind'][] = [
  'STOP',
  'SNUB',
  'SPIKE',
  'COOL_DOWN',
  'OBSERVATION',
  'INSPECTION',
  'TREATMENT',
];

const GEARS: [string, string][] = [
  ['NEUTRAL', 'neutral'],
  ['IN_GEAR', 'in gear'],
];
const LOADS: [string, string][] = [
  ['LADEN', 'laden'],
  ['LIGHT', 'light'],
];

type Changing = {
  phase: Phase;
  at: string;
  errors: Record<string, string>;
  set: (changes: Partial<Phase>) => void;
};

/** One phase to change. */
export function PhaseFields(props: {
  phase: Phase;
  at: string;
  errors: Record<string, string>;
  onChange: (phase: Phase) => void;
  onRemove: (() => void) | undefined;
}) {
  const { phase, at, errors, onChange } = props;
  const symbol = useSymbols();
  const set = (changes: Partial<Phase>) => onChange({ ...phase, ...changes });
  const wrong = Object.keys(errors).some((f) => f.startsWith(`${at}.`));
  return (
    <details className="border-b border-joint py-2" open={wrong || undefined}>
      <summary className="cursor-pointer text-sm">
        <b className="inline-block w-48 font-[600]">{phase.name}</b>
        <span className="text-ink-2">{phaseWords(phase, symbol)}</span>
        {wrong && <span className="ml-3 text-block">to mend</span>}
      </summary>
      <div className="grid gap-x-6 gap-y-4 py-4 md:grid-cols-4">
        <Driven phase={phase} at={at} errors={errors} set={set} />
        <GateFields phase={phase} at={at} errors={errors} set={set} />
        <Ticks phase={phase} at={at} errors={errors} set={set} />
        {props.onRemove && (
          <div className="md:col-span-2">
            <Button onClick={props.onRemove}>Take the phase out</Button>
          </div>
        )}
      </div>
    </details>
  );
}

/** What is driven. */
function Driven({ phase, at, errors, set }: Changing) {
  const entry = useEntries('phase');
  const speed = (key: 'from' | 'to') => (
    <QuantityField
      allowed={entry(key.toUpperCase())}
      value={phase[key]}
      error={errors[`${at}.${key}`]}
      onChange={(q) => q && set({ [key]: q })}
    />
  );
  const select = (
    label: string,
    key: 'kind' | 'gear' | 'load' | 'system' | 'whose',
    options: [string, string][],
  ) => (
    <Field label={label}>
      <Select value={phase[key]} onChange={(e) => set({ [key]: e.target.value })}>
        {options.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </Select>
    </Field>
  );
  const count = (label: string, key: 'repeats' | 'mostExtra') => (
    <Field label={label} error={errors[`${at}.${key}`]}>
      <Input
        type="number"
        value={phase[key]}
        onChange={(e) => set({ [key]: Math.round(Number(e.target.value)) })}
      />
    </Field>
  );
  return (
    <>
      <Field label="Name of the phase" error={errors[`${at}.name`]} className="md:col-span-2">
        <Input value={phase.name} onChange={(e) => set({ name: e.target.value })} />
      </Field>
      {select(
        'Kind',
        'kind',
        KINDS.map((k) => [k, word(k)]),
      )}
      {count('How many', 'repeats')}
      {speed('from')}
      {speed('to')}
      <QuantityField
        allowed={{ ...entry('TARGET'), units: [...entry('TARGET').units, ...entry('EFFORT').units] }}
        value={phase.target}
        error={errors[`${at}.target`]}
        onChange={(target) => set({ target })}
        className="md:col-span-2"
      />
      {select('Drive', 'gear', GEARS)}
      {select('Load', 'load', LOADS)}
      {select('Brakes', 'system', Object.entries(SYSTEM))}
      {select('Driven by', 'whose', Object.entries(WHOSE))}
      {count('Extra runs at most', 'mostExtra')}
      <QuantityField
        allowed={entry('ADJUSTER')}
        value={phase.adjuster}
        error={errors[`${at}.adjuster`]}
        onChange={(adjuster) => set({ adjuster })}
      />
      <QuantityField
        allowed={entry('GRIP')}
        value={phase.grip}
        error={errors[`${at}.grip`]}
        onChange={(grip) => set({ grip })}
      />
    </>
  );
}

/** When each of it may begin. */
function GateFields({ phase, at, errors, set }: Changing) {
  const entry = useEntries('phase');
  const gate = (key: keyof Gate) => (
    <QuantityField
      allowed={entry(key.toUpperCase())}
      value={phase.gate[key]}
      error={errors[`${at}.gate.${key}`]}
      onChange={(q: Quantity | null) => set({ gate: { ...phase.gate, [key]: q } })}
    />
  );
  return (
    <>
      {gate('coldest')}
      {gate('hottest')}
      {gate('soonest')}
      {gate('latest')}
      {gate('nearest')}
      {gate('furthest')}
    </>
  );
}

function Ticks({ phase, at, errors, set }: Changing) {
  return (
    <>
      <label className="flex items-center gap-2 text-sm md:col-span-2">
        <input
          type="checkbox"
          className="size-4 accent-[var(--ink)]"
          checked={phase.lockForbidden}
          onChange={(e) => set({ lockForbidden: e.target.checked })}
        />
        A locked wheel means do it again
      </label>
      <label className="flex items-center gap-2 text-sm md:col-span-2">
        <input
          type="checkbox"
          className="size-4 accent-[var(--ink)]"
          checked={phase.provesBack}
          onChange={(e) => set({ provesBack: e.target.checked })}
        />
        Must prove the vehicle back at its baseline
        {errors[`${at}.provesBack`] && <span className="text-block">{errors[`${at}.provesBack`]}</span>}
      </label>
    </>
  );
}
