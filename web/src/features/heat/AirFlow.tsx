import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, as, ask } from '../../api/client';
import { discForm } from '../../api/queries';
import type { AirFlow as Seen, AirFlowNote, HeatSide } from '../../api/types';
import { YourName } from '../../forms/YourName';
import { usePreferences } from '../../reader/preferences';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Sheet } from '../../ui/Sheet';
import { useUndo } from '../../ui/Undo';
import { TYPED, number, type UnitTable } from '../../units/units';

/** What was seen of the air about the brakes, each with what that way of looking cannot show. */
export function AirFlow(props: {
  testId: string;
  sides: HeatSide[];
  notes: AirFlowNote[];
  units: UnitTable;
}) {
  const { sides, notes, units } = props;
  const client = useQueryClient();
  const undo = useUndo();
  // The name of the note that is being written: one for all tries to send it.
  const [adding, setAdding] = useState<string>();
  const again = () => client.invalidateQueries({ queryKey: ['test', props.testId, 'heat'] });
  const keep = useMutation({
    mutationFn: (n: { id: string; configurationId: string; seen: Seen; by?: string }) =>
      ask(
        api.PUT('/api/configurations/{configurationId}/air-flow/{id}', {
          params: { path: { configurationId: n.configurationId, id: n.id } },
          headers: n.by === undefined ? {} : as(n.by),
          body: n.seen,
        }),
      ),
    onSuccess: () => {
      setAdding(undefined);
      return again();
    },
  });
  const forget = useMutation({
    mutationFn: (n: AirFlowNote) => ask(api.DELETE('/api/air-flow/{id}', { params: { path: { id: n.id } } })),
    onSuccess: (_, n) => {
      undo({ message: 'What was seen of the air is removed.', undo: () => keep.mutate(n) });
      return again();
    },
  });
  return (
    <section>
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <Heading note="tufts, smoke and the like beside the figures; cooling is judged by the discs, not by these">
          Air about the brakes
        </Heading>
        <Button onClick={() => setAdding(newId())}>Add what was seen</Button>
      </div>
      {notes.length === 0 && <p className="text-[14px]">Nothing was noted of the air about these brakes.</p>}
      <ul className="grid gap-2 text-[14px]">
        {notes.map((n) => (
          <li key={n.id} className="max-w-[95ch]">
            <MarkLabel letter={letterOf(sides.findIndex((s) => s.configurationId === n.configurationId))} />{' '}
            <b className="font-[650]">{n.method}</b>
            {n.seen.speed && ` at ${number(units.speed.of(n.seen.speed.inside ?? 0), 0)} ${units.speed.unit}`}
            , by {n.by}: {n.seen.seen} <span className="text-ink-3">{n.caveat}</span>{' '}
            <Button tone="link" aria-label={`Remove ${n.method}`} onClick={() => forget.mutate(n)}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
      {forget.error && <Failure error={forget.error} />}
      {adding && (
        <Sheet
          open
          title="What was seen of the air"
          description="On the closed course, wheels clear of people; nobody beside a moving vehicle."
          onClose={() => setAdding(undefined)}
        >
          <AirFlowForm
            sides={sides}
            units={units}
            error={keep.error}
            onKeep={(configurationId, seen) => keep.mutate({ id: adding, configurationId, seen })}
          />
        </Sheet>
      )}
    </section>
  );
}

function AirFlowForm(props: {
  sides: HeatSide[];
  units: UnitTable;
  error: unknown;
  onKeep: (configurationId: string, seen: Seen) => void;
}) {
  const { system } = usePreferences();
  const [configurationId, setConfigurationId] = useState(props.sides[0]?.configurationId ?? '');
  const [method, setMethod] = useState<Seen['method']>('TUFTS');
  const [speed, setSpeed] = useState('');
  const [seen, setSeen] = useState('');
  const unit = TYPED[system].speed;
  const entered = Number(speed.replace(',', '.'));
  return (
    <Loaded query={useQuery(discForm())} what="Reading the form">
      {(form) => (
        <form
          className="grid gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            props.onKeep(configurationId, {
              method,
              speed: speed.trim() === '' ? null : { entered, unit },
              seen: seen.trim(),
            });
          }}
        >
          <Field label="Configuration">
            <Select value={configurationId} onChange={(e) => setConfigurationId(e.target.value)}>
              {props.sides.map((s, i) => (
                <option key={s.configurationId} value={s.configurationId}>
                  {letterOf(i)} {s.name}
                </option>
              ))}
            </Select>
          </Field>
          <div className="grid grid-cols-2 gap-3">
            <Field label="Seen by">
              <Select value={method} onChange={(e) => setMethod(e.target.value as Seen['method'])}>
                {form.methods.map((m) => (
                  <option key={m.name} value={m.name}>
                    {m.label}
                  </option>
                ))}
              </Select>
            </Field>
            <Field
              label="Speed"
              error={speed && !Number.isFinite(entered) ? `“${speed}” is not a number.` : undefined}
            >
              <Input
                inputMode="decimal"
                unit={props.units.speed.unit}
                value={speed}
                onChange={(e) => setSpeed(e.target.value)}
              />
            </Field>
          </div>
          <Field label="What was seen">
            <Input maxLength={500} value={seen} onChange={(e) => setSeen(e.target.value)} />
          </Field>
          <YourName label="Who looked" />
          {props.error ? <Failure error={props.error} /> : null}
          <Button
            type="submit"
            tone="main"
            disabled={!seen.trim() || (speed.trim() !== '' && !Number.isFinite(entered))}
          >
            Keep this
          </Button>
        </form>
      )}
    </Loaded>
  );
}
