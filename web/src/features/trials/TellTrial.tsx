import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { trials } from '../../api/queries';
import type { Quantity, Trial, TrialKind, TrialResult, Wheel } from '../../api/types';
import { useChoices, useEntries } from '../../forms/useForms';
import { YourName } from '../../forms/YourName';
import { useDiscs } from '../../reader/discs';
import { Button } from '../../ui/Button';
import { Field, Select, TextArea } from '../../ui/Field';
import { word } from '../../ui/labels';
import { Failure } from '../../ui/Layout';
import { QuantityField } from '../../ui/QuantityField';
import { Sheet } from '../../ui/Sheet';
import { FromTester } from './FromTester';

const NOTHING: TrialResult = {
  figures: {},
  wheels: {},
  locked: [],
  method: null,
  pedal: null,
  seen: '',
  guess: null,
};

type Changing = {
  result: TrialResult;
  errors: Record<string, string>;
  set: (part: Partial<TrialResult>) => void;
};

/** What came of a trial, in figures as far as there are any, and in words. */
export function TellTrial(props: { testId: string; trial: Trial; kind: TrialKind; onClose: () => void }) {
  const { testId, trial, kind, onClose } = props;
  const client = useQueryClient();
  const [result, setResult] = useState<TrialResult>(trial.result ?? NOTHING);
  const tell = useMutation({
    mutationFn: () =>
      ask(api.PUT('/api/trials/{id}/result', { params: { path: { id: trial.id } }, body: result })),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: trials(testId).queryKey });
      onClose();
    },
  });
  const errors = tell.error instanceof Problem ? tell.error.fields : {};
  const set = (part: Partial<TrialResult>) => setResult({ ...result, ...part });
  /** Fields keep what is typed; figures from elsewhere begin them anew. */
  const [taken, setTaken] = useState(0);
  return (
    <Sheet open title={`${kind.label}: what came of it`} description={kind.caution} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          tell.mutate();
        }}
      >
        <Figures kind={kind} result={result} errors={errors} set={set} />
        {kind.kind === 'ROLLER_TESTER' && (
          <FromTester
            since={trial.guessedAt}
            onTake={(wheels) => {
              set({ wheels });
              setTaken(taken + 1);
            }}
          />
        )}
        <Wheels key={taken} kind={kind} result={result} errors={errors} set={set} />
        <Chosen kind={kind} result={result} errors={errors} set={set} guessed={trial.guess !== ''} />
        <Field label="What was seen" error={errors.seen}>
          <TextArea
            maxLength={2000}
            rows={4}
            value={result.seen}
            onChange={(e) => set({ seen: e.target.value })}
          />
        </Field>
        <YourName />
        {tell.error && <Failure error={tell.error} />}
        <Button type="submit" tone="main" disabled={tell.isPending}>
          Keep this
        </Button>
      </form>
    </Sheet>
  );
}

/** The same without what was emptied. */
function withEntry<K extends string>(all: Partial<Record<K, Quantity>>, key: K, q: Quantity | null) {
  const next = { ...all };
  if (q) next[key] = q;
  else delete next[key];
  return next;
}

function Figures({ kind, result, errors, set }: Changing & { kind: TrialKind }) {
  const entry = useEntries('trial');
  type Field = keyof TrialResult['figures'];
  return (
    <div className="grid gap-3 md:grid-cols-2">
      {kind.fields.map((name) => {
        const field = name as Field;
        return (
          <QuantityField
            key={field}
            allowed={entry(field)}
            value={result.figures[field] ?? null}
            error={errors[`figures.${field}`]}
            onChange={(q) => set({ figures: withEntry(result.figures, field, q) })}
          />
        );
      })}
    </div>
  );
}

/** One figure for each wheel, and on the rollers whether it locked there. */
function Wheels({ kind, result, errors, set }: Changing & { kind: TrialKind }) {
  const entry = useEntries('trial');
  const named = useDiscs();
  const [field] = kind.perWheel;
  if (field === undefined) return null;
  const rollers = kind.kind === 'ROLLER_TESTER';
  const lock = (wheel: Wheel, locked: boolean) =>
    set({ locked: locked ? [...result.locked, wheel] : result.locked.filter((w) => w !== wheel) });
  return (
    <div className="grid gap-3 md:grid-cols-2">
      {named.map(([wheel, name]) => (
        <div key={wheel}>
          <QuantityField
            allowed={{ ...entry(field), label: `${entry(field).label}, ${name}` }}
            value={result.wheels[wheel] ?? null}
            error={errors[`wheels.${wheel}`]}
            onChange={(q) => set({ wheels: withEntry(result.wheels, wheel, q) })}
          />
          {rollers && (
            <label className="mt-1 flex items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="size-4 accent-[var(--ink)]"
                checked={result.locked.includes(wheel)}
                onChange={(e) => lock(wheel, e.target.checked)}
              />
              {word(name)} locked on the rollers
            </label>
          )}
        </div>
      ))}
      {errors.locked && <p className="text-sm text-block">{errors.locked}</p>}
    </div>
  );
}

type Chosen = keyof Pick<TrialResult, 'method' | 'pedal' | 'guess'>;

function Chosen(props: Changing & { kind: TrialKind; guessed: boolean }) {
  const { kind, result, set, guessed } = props;
  const pedals = useChoices('pedals');
  const airs = useChoices('airFlows');
  const guesses = useChoices('asGuessed');
  const select = (label: string, of: Chosen, choices: typeof pedals) => (
    <Field label={label}>
      <Select value={result[of] ?? ''} onChange={(e) => set({ [of]: e.target.value || null })}>
        <option value="">not said</option>
        {choices.map((c) => (
          <option key={c.name} value={c.name}>
            {c.label}
          </option>
        ))}
      </Select>
    </Field>
  );
  return (
    <div className="grid gap-3 md:grid-cols-2">
      {kind.kind === 'PARKED_AIR' && select('Seen by', 'method', airs)}
      {kind.kind === 'CIRCUIT' && select('Pedal at the end', 'pedal', pedals)}
      {guessed && select('Beside the guess', 'guess', guesses)}
    </div>
  );
}
