import type { Limit } from '../../api/types';
import { useEntries } from '../../forms/useForms';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { QuantityField } from '../../ui/QuantityField';

const NEW: Limit = {
  what: '',
  atLeast: true,
  value: { entered: 5, unit: 'METRES_PER_SECOND_SQUARED' },
  source: '',
  phase: null,
  of: 'DECELERATION',
};

type Unit = Limit['value']['unit'];
type Figure = NonNullable<Limit['of']>;

/** What a limit may bound, and the units it is entered in. */
const FIGURES: [Figure, string, Unit[]][] = [
  ['DECELERATION', 'deceleration (MFDD)', ['METRES_PER_SECOND_SQUARED', 'STANDARD_GRAVITY']],
  ['DISTANCE', 'stopping distance', ['METRES', 'FEET']],
  ['SHARE_OF_BASELINE', '% of baseline stops', ['PERCENT']],
  ['FRONT_BIAS', 'front brake bias, % of line pressure', ['PERCENT']],
  ['PEDAL_FORCE', 'pedal force (compare with your gauge)', ['NEWTONS']],
];

/** The units of one figure; entered in another, a limit begins again with the figure's usual one. */
const unitsOf = (of: Figure) => FIGURES.find(([f]) => f === of)?.[2] ?? [];

/** Where a limit does not say what it bounds, its unit does. */
const figureOf = (l: Limit): Figure =>
  l.of ?? FIGURES.find(([, , units]) => units.includes(l.value.unit))?.[0] ?? 'DECELERATION';

/** Limits that a person enters from the code that binds them. */
export function LimitFields(props: {
  limits: Limit[];
  phases: string[];
  errors: Record<string, string>;
  onChange: (limits: Limit[]) => void;
}) {
  const { limits, errors, onChange } = props;
  const allowed = useEntries('limit')('LIMIT');
  const set = (i: number, changes: Partial<Limit>) =>
    onChange(limits.map((l, k) => (k === i ? { ...l, ...changes } : l)));
  return (
    <div>
      <Heading note="from the code that binds you; Frenum has none of its own">Acceptance limits</Heading>
      {limits.map((l, i) => (
        <div key={i} className="mb-3 grid gap-x-4 gap-y-2 md:grid-cols-6">
          <Field label="Of what" error={errors[`limits.${i}.what`]}>
            <Input value={l.what} onChange={(e) => set(i, { what: e.target.value })} />
          </Field>
          <Field label="Figure">
            <Select
              value={figureOf(l)}
              onChange={(e) => {
                const of = e.target.value as Figure;
                const [usual] = unitsOf(of);
                const fits = unitsOf(of).includes(l.value.unit);
                set(i, {
                  of,
                  ...(fits || !usual ? {} : { value: { entered: l.value.entered, unit: usual } }),
                });
              }}
            >
              {FIGURES.map(([of, label]) => (
                <option key={of} value={of}>
                  {label}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="Which way">
            <Select
              value={String(l.atLeast)}
              onChange={(e) => set(i, { atLeast: e.target.value === 'true' })}
            >
              <option value="true">at least</option>
              <option value="false">at most</option>
            </Select>
          </Field>
          <QuantityField
            key={figureOf(l)}
            allowed={{
              ...allowed,
              units: allowed.units.filter((u) => unitsOf(figureOf(l)).includes(u.unit as Unit)),
            }}
            value={l.value}
            {...(errors[`limits.${i}.value`] ? { error: errors[`limits.${i}.value`] } : {})}
            onChange={(value) => value && set(i, { value })}
          />
          <Field label="In which phase" error={errors[`limits.${i}.phase`]}>
            <Select value={l.phase ?? ''} onChange={(e) => set(i, { phase: e.target.value || null })}>
              <option value="">every phase</option>
              {[...new Set(props.phases)].map((p) => (
                <option key={p} value={p}>
                  {p}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="From which code" error={errors[`limits.${i}.source`]}>
            <Input value={l.source} onChange={(e) => set(i, { source: e.target.value })} />
          </Field>
        </div>
      ))}
      <span className="flex gap-2">
        <Button onClick={() => onChange([...limits, NEW])}>Enter a limit</Button>
        {limits.length > 0 && (
          <Button onClick={() => onChange(limits.slice(0, -1))}>Take the last one out</Button>
        )}
      </span>
    </div>
  );
}
