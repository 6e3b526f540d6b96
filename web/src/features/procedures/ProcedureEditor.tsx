import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { procedures } from '../../api/queries';
import type { Phase, Procedure, ProcedureView } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Input, TextArea, Select } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { CycleFields } from './CycleFields';
import { LimitFields } from './LimitFields';
import { PhaseFields } from './PhaseFields';
import { ABORT, RUN_BY } from './words';

const ALWAYS = ['PEDAL_TO_FLOOR', 'FLUID_LOSS', 'LANE_NOT_CLEAR'];

const lines = (text: string) => text.split('\n').filter((l) => l.trim());

/** Changes a person's own procedure; what contradicts itself is shown where it does, and not stored. */
export function ProcedureEditor(props: {
  view: ProcedureView;
  onSaved: (id: string) => void;
  onLeave: () => void;
}) {
  const client = useQueryClient();
  const [p, setP] = useState<Procedure>(props.view.procedure);
  const save = useMutation({
    mutationFn: () => ask(api.PUT('/api/procedures', { body: { ...props.view, procedure: p } })),
    onSuccess: async (saved) => {
      await client.invalidateQueries({ queryKey: procedures().queryKey });
      props.onSaved(saved.id);
    },
  });
  const errors = save.error instanceof Problem ? save.error.fields : {};
  const set = (changes: Partial<Procedure>) => setP({ ...p, ...changes });
  const text = (label: string, key: 'cautions' | 'bring') => (
    <Field label={label} help="One to a line.">
      <TextArea
        className="min-h-24"
        defaultValue={p[key].join('\n')}
        onChange={(e) => set({ [key]: lines(e.target.value) })}
      />
    </Field>
  );
  return (
    <form
      className="grid gap-5"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <div className="grid gap-4 md:grid-cols-2">
        <Field label="Name" error={errors.name}>
          <Input value={p.name} onChange={(e) => set({ name: e.target.value })} />
        </Field>
        <Field label="May be run by">
          <Select value={p.runBy} onChange={(e) => set({ runBy: e.target.value as Procedure['runBy'] })}>
            {Object.entries(RUN_BY).map(([code, label]) => (
              <option key={code} value={code}>
                {label}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="What it can find out, and what not" className="md:col-span-2" error={errors.purpose}>
          <Input value={p.purpose} onChange={(e) => set({ purpose: e.target.value })} />
        </Field>
      </div>
      <Phases procedure={p} errors={errors} onChange={(phases) => set({ phases })} />
      <CycleFields procedure={p} errors={errors} onChange={(cycle) => set({ cycle })} />
      <div className="grid gap-6 md:grid-cols-2">
        {text('Cautions', 'cautions')}
        {text('Bring', 'bring')}
        <AbortRules procedure={p} onChange={(abortRules) => set({ abortRules })} />
      </div>
      <LimitFields
        limits={p.limits}
        phases={p.phases.map((x) => x.name)}
        errors={errors}
        onChange={(limits) => set({ limits })}
      />
      {save.error && <Failure error={save.error} />}
      <div className="flex gap-3">
        <Button tone="main" type="submit" disabled={save.isPending}>
          Save the procedure
        </Button>
        <Button onClick={props.onLeave}>Leave it as it was</Button>
      </div>
    </form>
  );
}

function Phases(props: {
  procedure: Procedure;
  errors: Record<string, string>;
  onChange: (phases: Phase[]) => void;
}) {
  const { procedure: p, errors, onChange } = props;
  const addPhase = () => {
    const last = p.phases.at(-1);
    if (last) onChange([...p.phases, { ...last, name: `${last.name}, again` }]);
  };
  return (
    <div>
      <Heading>Phases, in order</Heading>
      {errors.phases && <p className="text-[13px] text-block">{errors.phases}</p>}
      {p.phases.map((phase, i) => (
        <PhaseFields
          key={i}
          phase={phase}
          at={`phases.${i}`}
          errors={errors}
          onChange={(x) => onChange(p.phases.map((old, k) => (k === i ? x : old)))}
          onRemove={p.phases.length > 1 ? () => onChange(p.phases.filter((_, k) => k !== i)) : undefined}
        />
      ))}
      <Button className="mt-3" onClick={addPhase}>
        Add a phase
      </Button>
    </div>
  );
}

function AbortRules(props: { procedure: Procedure; onChange: (rules: Procedure['abortRules']) => void }) {
  const rules = props.procedure.abortRules as string[];
  return (
    <fieldset>
      <legend className="mb-1 text-[13px] font-[600]">Testing ends at once when</legend>
      {Object.entries(ABORT).map(([code, label]) => (
        <label key={code} className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-4 accent-[var(--ink)]"
            checked={rules.includes(code)}
            disabled={ALWAYS.includes(code)}
            onChange={(e) =>
              props.onChange(
                (e.target.checked
                  ? [...rules, code]
                  : rules.filter((r) => r !== code)) as Procedure['abortRules'],
              )
            }
          />
          {label}
        </label>
      ))}
    </fieldset>
  );
}
