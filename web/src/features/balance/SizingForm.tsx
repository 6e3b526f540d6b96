import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { garageForm, sizing } from '../../api/queries';
import type { Entry, Quantity, Sizing, SizingRequest, Vehicle } from '../../api/types';
import { entryOf, useEntries } from '../../forms/useForms';
import { usePreferences } from '../../reader/preferences';
import { Failure } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { QuantityField } from '../../ui/QuantityField';
import { Segments } from '../../ui/Segments';
import { Table, Td, Th } from '../../ui/Table';
import { number, type UnitTable } from '../../units/units';

const FIELDS = [
  'MASTER_CYLINDER',
  'MASTER_CYLINDER_REAR',
  'FRONT_PISTON_AREA',
  'REAR_PISTON_AREA',
  'FRONT_EFFECTIVE_RADIUS',
  'REAR_EFFECTIVE_RADIUS',
  'PAD_FRICTION_FRONT',
  'PAD_FRICTION_REAR',
  'TYRE_RADIUS',
] as const;

type Changes = SizingRequest['changes'];

/** The vehicle as it is beside the same with other parts; nothing of it is kept. */
export function SizingForm({ vehicle }: { vehicle: Vehicle }) {
  const { units } = usePreferences();
  const [load, setLoad] = useState<SizingRequest['load']>('LADEN');
  const [slowing, setSlowing] = useState<Quantity>({ entered: 0.8, unit: 'STANDARD_GRAVITY' });
  const [changes, setChanges] = useState<Changes>({});
  const target = useEntries('phase')('TARGET');
  const asked = useQuery({
    ...sizing(vehicle.id, { load, slowing, changes }),
    placeholderData: keepPreviousData,
  });
  return (
    <Loaded query={useQuery(garageForm())} what="Reading the figures">
      {(form) => (
        <div className="grid grid-cols-1 gap-x-10 gap-y-5 xl:grid-cols-2">
          <div>
            <div className="mb-3 flex flex-wrap items-end gap-4">
              <Segments
                label="Load"
                value={load}
                options={[
                  ['LADEN', 'laden'],
                  ['LIGHT', 'light'],
                ]}
                onChange={setLoad}
              />
              <QuantityField
                allowed={{ ...target, label: 'At a deceleration of', help: '' }}
                value={slowing}
                onChange={(q) => q && setSlowing(q)}
              />
            </div>
            <div className="grid gap-3 md:grid-cols-2">
              {FIELDS.map((field) => (
                <Change
                  key={field}
                  entry={entryOf(form.vehicle, field)}
                  now={vehicle.spec.figures[field] ?? null}
                  value={changes[field] ?? null}
                  onChange={(q) => {
                    const next = { ...changes };
                    if (q) next[field] = q;
                    else delete next[field];
                    setChanges(next);
                  }}
                />
              ))}
            </div>
          </div>
          <div>
            {asked.error && <Failure error={asked.error} />}
            {asked.data && <Layouts now={asked.data.now} then={asked.data.then} units={units} />}
          </div>
        </div>
      )}
    </Loaded>
  );
}

/** A figure to change, by typing or by a slider over half to one and a half of what it is. */
function Change(props: {
  entry: Entry;
  now: Quantity | null;
  value: Quantity | null;
  onChange: (q: Quantity | null) => void;
}) {
  const { entry, now, value } = props;
  const [typedAt, setTypedAt] = useState(0);
  const shown = value ?? now;
  return (
    <div>
      <QuantityField
        key={typedAt}
        allowed={{ ...entry, help: now ? `Now ${now.entered}` : 'Not known; enter it here or in the garage' }}
        value={shown}
        onChange={props.onChange}
      />
      {now && (
        <input
          type="range"
          aria-label={`${entry.label}, from half to one and a half of what it is`}
          className="mt-1 w-full accent-[var(--ink)]"
          min={now.entered * 0.5}
          max={now.entered * 1.5}
          step={now.entered * 0.01}
          value={shown?.unit === now.unit ? shown.entered : now.entered}
          onChange={(e) => {
            props.onChange({ entered: Number(Number(e.target.value).toPrecision(3)), unit: now.unit });
            setTypedAt(typedAt + 1);
          }}
        />
      )}
    </div>
  );
}

/** Taken up at every pad, to compare travels by. */
const PAD_M = 1e-4;

function Layouts({ now, then, units }: { now: Sizing; then: Sizing; units: UnitTable }) {
  type Shown = (v: number) => string;
  const percent: Shown = (v) => number(100 * v, 1);
  const rows: [string, 'frontShare' | 'frontBar' | 'pushN' | 'travelM', Shown][] = [
    ['front share of brake force, %', 'frontShare', percent],
    [`front line pressure, ${units.pressure.unit}`, 'frontBar', (v) => number(units.pressure.of(v), 0)],
    [`push on the cylinders, ${units.force.unit}`, 'pushN', (v) => number(units.force.of(v), 0)],
    [
      `piston travel for ${Number(units.travel.of(PAD_M).toPrecision(1))} ${units.travel.unit} at every pad, ${units.travel.unit}`,
      'travelM',
      (v) => number(units.travel.of(v), units.travel.decimals),
    ],
  ];
  const why = rows.flatMap(([, key]) => [now[key].reason, then[key].reason]).find((r) => r);
  return (
    <>
      <Table aria-label="Two layouts">
        <thead>
          <tr>
            <Th> </Th>
            <Th numeric>as it is</Th>
            <Th numeric>with the changes</Th>
            <Th numeric>change, %</Th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, key, shown]) => {
            const a = now[key].value;
            const b = then[key].value;
            return (
              <tr key={key}>
                <Td>{label}</Td>
                <Td numeric>{a === undefined ? '–' : shown(a)}</Td>
                <Td numeric className="font-[650]">
                  {b === undefined ? '–' : shown(b)}
                </Td>
                <Td numeric>{a && b ? number(100 * (b / a - 1), 0) : '–'}</Td>
              </tr>
            );
          })}
          {then.locking.map((lock, i) => {
            const before = now.locking[i];
            return (
              <tr key={lock.grip}>
                <Td>on grip {number(lock.grip, 1)}, locks first</Td>
                <Td numeric>{before ? lockWords(before, units) : '–'}</Td>
                <Td numeric className="font-[650]">
                  {lockWords(lock, units)}
                </Td>
                <Td numeric> </Td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {why && <p className="mt-1.5 text-[14px] text-caution">Not all of it can be computed: {why}.</p>}
      <p className="mt-1.5 max-w-[70ch] text-[13px] text-ink-3">
        Push before any assist and pedal ratio; with two cylinders both together at a centred bar. A layout
        that locks the REAR first is for nobody to drive: whoever answers for the vehicle decides.
      </p>
    </>
  );
}

function lockWords(lock: Sizing['locking'][number], units: UnitTable): string {
  const at = `${number(units.deceleration.of(lock.decelerationMps2), 1)} ${units.deceleration.unit}`;
  if (lock.rearLifts) return `rear lifts, ${at}`;
  return `${lock.first === 'REAR' ? 'REAR' : 'front'}, ${at}`;
}
