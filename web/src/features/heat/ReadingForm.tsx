import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { discForm } from '../../api/queries';
import type { DiscReading, HeatSide, PeakSource, Wheel } from '../../api/types';
import { YourName } from '../../forms/YourName';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { TYPED, type UnitTable } from '../../units/units';
import { LadderChoice } from './LadderChoice';
import { useDiscs } from '../../reader/discs';

/** What was read off one disc after a stop. */
export function ReadingForm(props: { testId: string; side: HeatSide; units: UnitTable; onDone: () => void }) {
  const { side } = props;
  const { system } = usePreferences();
  const unit = TYPED[system].temperature;
  const [stopId, setStopId] = useState(side.stops.at(-1)?.id ?? '');
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
  const save = useKeeping(props.testId, stopId, props.onDone);
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
            save.mutate({
              ...reading,
              value: isLadder ? null : { entered: number(value), unit },
              late: isLadder ? null : { entered: number(late || '0'), unit: 'SECONDS' },
            });
          }}
        >
          <WhichDisc
            side={side}
            stopId={stopId}
            wheel={reading.wheel}
            onStop={setStopId}
            onWheel={(wheel) => set({ wheel })}
          />
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
            <Temperature
              value={value}
              late={late}
              face={reading.face}
              errors={fields}
              onValue={setValue}
              onLate={setLate}
              onFace={(face) => set({ face })}
            />
          )}
          <YourName label="Who read it" />
          {save.error && Object.keys(fields).length === 0 && <Failure error={save.error} />}
          <Button type="submit" tone="main" disabled={!read || !stopId || save.isPending}>
            Keep this reading
          </Button>
        </form>
      )}
    </Loaded>
  );
}

function useKeeping(testId: string, stopId: string, onDone: () => void) {
  const client = useQueryClient();
  // One for all tries, so that a send whose answer was lost is not kept twice.
  const [id] = useState(() => newId());
  return useMutation({
    mutationFn: (body: DiscReading) =>
      ask(api.PUT('/api/stops/{stopId}/disc-readings/{id}', { params: { path: { stopId, id } }, body })),
    onSuccess: () => {
      onDone();
      return client.invalidateQueries({ queryKey: ['test', testId, 'heat'] });
    },
  });
}

function WhichDisc(props: {
  side: HeatSide;
  stopId: string;
  wheel: Wheel;
  onStop: (id: string) => void;
  onWheel: (wheel: Wheel) => void;
}) {
  const named = useDiscs();
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field label="After stop">
        <Select value={props.stopId} onChange={(e) => props.onStop(e.target.value)}>
          {props.side.stops.map((s) => (
            <option key={s.id} value={s.id}>
              {s.number}, block {s.block}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Disc">
        <Select value={props.wheel} onChange={(e) => props.onWheel(e.target.value as Wheel)}>
          {named.map(([w, name]) => (
            <option key={w} value={w}>
              {name}
            </option>
          ))}
        </Select>
      </Field>
    </div>
  );
}

/** What was read, how long after rest, and of which face. */
function Temperature(props: {
  value: string;
  late: string;
  face: DiscReading['face'];
  errors: Record<string, string>;
  onValue: (text: string) => void;
  onLate: (text: string) => void;
  onFace: (face: DiscReading['face']) => void;
}) {
  const { units } = usePreferences();
  return (
    <div className="grid grid-cols-3 gap-3">
      <Field label="Temperature" error={props.errors.value}>
        <Input
          inputMode="decimal"
          unit={units.temperature.unit}
          value={props.value}
          onChange={(e) => props.onValue(e.target.value)}
        />
      </Field>
      <Field label="After rest" error={props.errors.late}>
        <Input
          inputMode="decimal"
          unit="s"
          value={props.late}
          onChange={(e) => props.onLate(e.target.value)}
        />
      </Field>
      <Field label="Face">
        <Select
          value={props.face ?? ''}
          onChange={(e) => props.onFace((e.target.value || null) as DiscReading['face'])}
        >
          <option value="">not said</option>
          <option value="OUTER">outer</option>
          <option value="INNER">inner</option>
        </Select>
      </Field>
    </div>
  );
}
