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
};

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
        <div key={i} className="mb-3 grid gap-x-4 gap-y-2 md:grid-cols-5">
          <Field label="Of what" error={errors[`limits.${i}.what`]}>
            <Input value={l.what} onChange={(e) => set(i, { what: e.target.value })} />
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
          <QuantityField allowed={allowed} value={l.value} onChange={(value) => value && set(i, { value })} />
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
