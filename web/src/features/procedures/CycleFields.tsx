import type { Procedure } from '../../api/types';
import { Field, Input, Select } from '../../ui/Field';
import { Heading } from '../../ui/Layout';

type Cycle = NonNullable<Procedure['cycle']>;

/** Which phases are driven over and over, how often, and how often somebody looks. */
export function CycleFields(props: {
  procedure: Procedure;
  errors: Record<string, string>;
  onChange: (cycle: Cycle | null) => void;
}) {
  const { phases, cycle } = props.procedure;
  const set = (changes: Partial<Cycle>) => cycle && props.onChange({ ...cycle, ...changes });
  const phase = (label: string, key: 'first' | 'last') => (
    <Field label={label} error={props.errors[`cycle.${key}`]}>
      <Select value={cycle?.[key]} onChange={(e) => set({ [key]: Number(e.target.value) })}>
        {phases.map((p, i) => (
          <option key={i} value={i}>
            {p.name}
          </option>
        ))}
      </Select>
    </Field>
  );
  const count = (label: string, key: 'times' | 'inspectEvery') => (
    <Field label={label} error={props.errors[`cycle.${key}`]}>
      <Input
        type="number"
        value={cycle?.[key]}
        onChange={(e) => set({ [key]: Math.round(Number(e.target.value)) })}
      />
    </Field>
  );
  return (
    <div>
      <Heading note="two snubs and a cool-down, a hundred times">Cycles</Heading>
      <label className="flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-4 accent-[var(--ink)]"
          checked={cycle !== null}
          onChange={(e) =>
            props.onChange(
              e.target.checked ? { first: 0, last: phases.length - 1, times: 100, inspectEvery: 10 } : null,
            )
          }
        />
        A group of phases is driven over and over
      </label>
      {cycle && (
        <div className="mt-3 grid gap-4 md:grid-cols-4">
          {phase('From', 'first')}
          {phase('To', 'last')}
          {count('How often', 'times')}
          {count('Inspected after every', 'inspectEvery')}
        </div>
      )}
    </div>
  );
}
