import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { ladders } from '../../api/queries';
import type { DiscReading, Ladder } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { TYPED, number, type UnitTable } from '../../units/units';

/** Which ladder was on the disc, and how far up it changed. */
export function LadderChoice(props: Chosen) {
  return (
    <Loaded query={useQuery(ladders())} what="Reading the ladders">
      {(known) => <Choice known={known} {...props} />}
    </Loaded>
  );
}

type Chosen = { reading: DiscReading; units: UnitTable; onChange: (part: Partial<DiscReading>) => void };

function Choice(props: Chosen & { known: Ladder[] }) {
  const { known, reading, units } = props;
  const chosen = known.find((l) => l.id === reading.ladderId);
  const marks = chosen?.ladder.thresholds ?? [];
  const t = units.temperature;
  const [making, setMaking] = useState(known.length === 0);
  if (making) {
    return (
      <NewLadder
        onMade={(id) => {
          props.onChange({ ladderId: id, changed: null });
          setMaking(false);
        }}
      />
    );
  }
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3">
        <Field label="Ladder">
          <Select
            value={reading.ladderId ?? ''}
            onChange={(e) => props.onChange({ ladderId: e.target.value || null, changed: null })}
          >
            <option value="">choose</option>
            {known.map((l) => (
              <option key={l.id} value={l.id}>
                {l.ladder.name}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Highest that changed">
          <Select
            disabled={!chosen}
            value={reading.changed ?? ''}
            onChange={(e) =>
              props.onChange({ changed: e.target.value === '' ? null : Number(e.target.value) })
            }
          >
            <option value="">choose</option>
            {[0, ...marks.map((_, i) => i + 1)].map((n) => (
              <option key={n} value={n}>
                {n === 0 ? 'none changed' : `${number(t.of(marks[n - 1]?.inside ?? 0), 0)} ${t.unit}`}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      <label className="flex items-center gap-2 text-[14px]">
        <input
          type="checkbox"
          className="size-5 accent-[var(--ink)]"
          checked={reading.painted}
          onChange={(e) => props.onChange({ painted: e.target.checked })}
        />
        Painted anew just before this stop. Otherwise an earlier, hotter stop may have changed it.
      </label>
      <p>
        <Button tone="link" onClick={() => setMaking(true)}>
          Another ladder
        </Button>
      </p>
    </div>
  );
}

function NewLadder({ onMade }: { onMade: (id: string) => void }) {
  const client = useQueryClient();
  const { system, units } = usePreferences();
  const unit = TYPED[system].temperature;
  const [id] = useState(() => newId());
  const [name, setName] = useState('');
  const [text, setText] = useState('');
  const steps = text
    .split(/[;\s]+/)
    .filter(Boolean)
    .map((s) => Number(s.replace(',', '.')));
  const usable = steps.length > 0 && steps.every((s) => Number.isFinite(s));
  const add = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/ladders', {
          body: {
            id,
            ladder: { name: name.trim(), thresholds: steps.map((entered) => ({ entered, unit })) },
          },
        }),
      ),
    onSuccess: async (made) => {
      await client.invalidateQueries({ queryKey: ladders().queryKey });
      onMade(made.id);
    },
  });
  return (
    <fieldset className="grid gap-3 border-l-[3px] border-edge pl-3">
      <legend className="mb-1 text-[14px] font-[650]">A new ladder</legend>
      <Field label="Name" help="As on the box, or where it is painted.">
        <Input maxLength={60} value={name} onChange={(e) => setName(e.target.value)} />
      </Field>
      <Field
        label={`Temperatures, ${units.temperature.unit}`}
        help="Rising, with spaces between: 260 430 550."
        error={text && !usable ? 'Only numbers, with spaces between.' : undefined}
      >
        <Input value={text} onChange={(e) => setText(e.target.value)} />
      </Field>
      {add.error && <Failure error={add.error} />}
      <Button disabled={!usable || !name.trim() || add.isPending} onClick={() => add.mutate()}>
        Add this ladder
      </Button>
    </fieldset>
  );
}
