import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { discForm } from '../../api/queries';
import type { DiscReading, HeatSide, PeakSource, Wheel } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { TYPED, type UnitTable } from '../../units/units';
import { LadderChoice } from './LadderChoice';
import { WHEEL_NAMES } from './words';

/** What was read off one disc after a stop. */
export function ReadingForm(props: { testId: string; side: HeatSide; units: UnitTable; onDone: () => void }) {
  const { side } = props;
  const client = useQueryClient();
  const { system, person, setPerson } = usePreferences();
  const unit = TYPED[system].temperature;
  const [stopId, setStopId] = useState(side.stops.at(-1)?.id ?? '');
  // One for all tries, so that a send whose answer was lost is not kept twice.
  const [id] = useState(() => crypto.randomUUID());
  const [value, setValue] = useState('');
  const [late, setLate] = useState('0');
  const [reading, setReading] = useState<DiscReading>({
    wheel: 'FRONT_LEFT',
    source: 'BLACKENED',
    face: null,
    value: null,
    late: null,
    ladderId: null,
    changed: null,
    painted: false,
  });
  const set = (part: Partial<DiscReading>) => setReading({ ...reading, ...part });
  const isLadder = reading.source === 'LADDER';
  const number = (text: string) => Number(text.replace(',', '.'));
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/stops/{stopId}/disc-readings/{id}', {
          params: { path: { stopId, id } },
          body: {
            ...reading,
            value: isLadder ? null : { entered: number(value), unit },
            late: isLadder ? null : { entered: number(late || '0'), unit: 'SECONDS' },
          },
        }),
      ),
    onSuccess: () => {
      props.onDone();
      return client.invalidateQueries({ queryKey: ['test', props.testId, 'heat'] });
    },
  });
  const fields = save.error instanceof Problem ? save.error.fields : {};
  const read = isLadder
    ? reading.ladderId !== null && reading.changed !== null
    : value.trim() !== '' && Number.isFinite(number(value));
  return (
    <Loaded query={useQuery(discForm())} what="Reading the form">
      {(form) => (
        <form
          className="grid gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            save.mutate();
          }}
        >
          <div className="grid grid-cols-2 gap-3">
            <Field label="After stop">
              <Select value={stopId} onChange={(e) => setStopId(e.target.value)}>
                {side.stops.map((s) => (
                  <option key={s.id} value={s.id}>
                    {s.number}, block {s.block}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="Disc">
              <Select value={reading.wheel} onChange={(e) => set({ wheel: e.target.value as Wheel })}>
                {WHEEL_NAMES.map(([w, name]) => (
                  <option key={w} value={w}>
                    {name}
                  </option>
                ))}
              </Select>
            </Field>
          </div>
          <Field label="Read by">
            <Select value={reading.source} onChange={(e) => set({ source: e.target.value as PeakSource })}>
              {form.sources.map((s) => (
                <option key={s.name} value={s.name}>
                  {s.label}
                </option>
              ))}
            </Select>
          </Field>
          {isLadder ? (
            <LadderChoice reading={reading} units={props.units} onChange={set} />
          ) : (
            <div className="grid grid-cols-3 gap-3">
              <Field label="Temperature" error={fields.value}>
                <Input
                  inputMode="decimal"
                  unit={props.units.temperature.unit}
                  value={value}
                  onChange={(e) => setValue(e.target.value)}
                />
              </Field>
              <Field label="After rest" error={fields.late}>
                <Input inputMode="decimal" unit="s" value={late} onChange={(e) => setLate(e.target.value)} />
              </Field>
              <Field label="Face">
                <Select
                  value={reading.face ?? ''}
                  onChange={(e) => set({ face: (e.target.value || null) as DiscReading['face'] })}
                >
                  <option value="">not said</option>
                  <option value="OUTER">outer</option>
                  <option value="INNER">inner</option>
                </Select>
              </Field>
            </div>
          )}
          <Field label="Who read it" error={fields.who}>
            <Input maxLength={100} value={person} onChange={(e) => setPerson(e.target.value)} />
          </Field>
          {save.error && Object.keys(fields).length === 0 && <Failure error={save.error} />}
          <Button type="submit" tone="main" disabled={!read || !person.trim() || !stopId || save.isPending}>
            Keep this reading
          </Button>
        </form>
      )}
    </Loaded>
  );
}
