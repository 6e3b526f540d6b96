import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Problem } from '../../api/client';
import { lapHeat, vehicles } from '../../api/queries';
import type { Braking, LapHeat, LapHeatRequest, Quantity, Vehicle } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useEntries } from '../../forms/useForms';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Failure, Heading, Reading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { QuantityField } from '../../ui/QuantityField';
import { Table, Td, Th } from '../../ui/Table';
import { number, TYPED, type System } from '../../units/units';
import { LapPicture } from './LapPicture';

const q = (entered: number, unit: Quantity['unit']): Quantity => ({ entered, unit });

/** Three corners of no particular circuit, to be written over: from, to, and seconds to the next, by system of units. */
const CORNERS: Record<System, [number, number, number][]> = {
  metric: [
    [165, 70, 28],
    [140, 95, 19],
    [180, 60, 41],
  ],
  imperial: [
    [100, 45, 28],
    [85, 60, 19],
    [110, 40, 41],
  ],
};

const cornersIn = (system: System): Braking[] =>
  CORNERS[system].map(([from, to, gap]) => ({
    from: q(from, TYPED[system].speed),
    to: q(to, TYPED[system].speed),
    gap: q(gap, 'SECONDS'),
  }));

/** A key of the request as the core names the field: axleShare is AXLE_SHARE. */
const fieldName = (key: string) => key.replace(/[A-Z]/g, (c) => `_${c}`).toUpperCase();

/** Which pads, ducts and blockers does a circuit ask for? Its brakings as heat, lap after lap. */
export function LapHeatPage() {
  return (
    <Loaded query={useQuery(vehicles())} what="Reading the vehicles">
      {(all) => <Calculator vehicle={all[0]} />}
    </Loaded>
  );
}

function firstLap(vehicle: Vehicle | undefined, system: System): LapHeatRequest {
  const known = (vehicle?.spec?.figures ?? {}) as Record<string, Quantity>;
  const figure = (field: string, otherwise: Quantity): Quantity => {
    const own = known[field];
    return own ? { entered: own.entered, unit: own.unit } : otherwise;
  };
  return {
    mass: figure('MASS_LADEN', figure('MASS_LIGHT', q(1400, 'KILOGRAMS'))),
    axleShare: q(70, 'PERCENT'),
    disc: figure('FRONT_DISC_MASS', q(7, 'KILOGRAMS')),
    cooling: figure('COOLING_TIME', q(90, 'SECONDS')),
    ambient: system === 'imperial' ? q(70, 'FAHRENHEIT') : q(20, 'CELSIUS'),
    wheels: 2,
    laps: 10,
    brakings: cornersIn(system),
  };
}

function Calculator({ vehicle }: { vehicle: Vehicle | undefined }) {
  const { system } = usePreferences();
  const [lap, setLap] = useState(() => firstLap(vehicle, system));
  const result = useQuery({
    ...lapHeat(useDeferredValue(lap)),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const errors = result.error instanceof Problem ? result.error.fields : {};
  const set = (changes: Partial<LapHeatRequest>) => setLap({ ...lap, ...changes });
  const entry = useEntries('lap');
  const figure = (key: 'mass' | 'axleShare' | 'disc' | 'cooling' | 'ambient') => (
    <QuantityField
      allowed={entry(fieldName(key))}
      value={lap[key]}
      {...(errors[key] ? { error: errors[key] } : {})}
      onChange={(x) => x && set({ [key]: x })}
    />
  );
  return (
    <>
      <Strip tone="sheet">
        <h1 className="text-[26px]">
          {result.data ? <Sentence heat={result.data} laps={lap.laps} /> : 'The heat of a lap'}
        </h1>
        <p className="mt-1 max-w-[80ch] text-[14.5px] text-ink-2">
          Every braking of a circuit, with what one front disc takes of it. The figures are of the disc as a
          whole; its surface flashes hotter. The corners are made up until you write yours over them
          {vehicle ? `; mass, disc and cooling are those of ${vehicle.name}` : ''}.
        </p>
      </Strip>
      <Strip className="grid grid-cols-[minmax(0,1fr)] gap-10 lg:grid-cols-[300px_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <Heading>The vehicle</Heading>
          {figure('mass')}
          {figure('axleShare')}
          {figure('disc')}
          {figure('cooling')}
          {figure('ambient')}
          <Field label="Laps of the race" help="1 to 2000">
            <Input
              type="number"
              min={1}
              max={2000}
              value={lap.laps}
              onChange={(e) =>
                set({ laps: Math.min(2000, Math.max(1, Math.round(Number(e.target.value)) || 1)) })
              }
            />
          </Field>
        </div>
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-8">
          {result.error && Object.keys(errors).length === 0 && <Failure error={result.error} />}
          {result.data ? <LapPicture heat={result.data} lap={lap} /> : <Reading what="Working the lap out" />}
          <Brakings lap={lap} heat={result.data} errors={errors} onChange={(brakings) => set({ brakings })} />
        </div>
      </Strip>
    </>
  );
}

function Sentence({ heat, laps }: { heat: LapHeat; laps: number }) {
  const { units } = usePreferences();
  const t = units.temperature;
  const hottest = Math.max(...heat.events.map((e) => e.peakC));
  return (
    <>
      The disc settles after {heat.settledAfterLaps} laps, peaking at {number(t.of(hottest), 0)} {t.unit};{' '}
      {heat.applications} applications and {number(heat.raceKwh, 1)} kWh in {laps} laps.
    </>
  );
}

function Brakings(props: {
  lap: LapHeatRequest;
  heat: LapHeat | undefined;
  errors: Record<string, string>;
  onChange: (brakings: Braking[]) => void;
}) {
  const { lap, heat, errors, onChange } = props;
  const { units } = usePreferences();
  const t = units.temperature;
  const all = lap.brakings;
  const entry = useEntries('lap');
  const field = (i: number, key: keyof Braking) => (
    <QuantityField
      allowed={{ ...entry(fieldName(key)), label: `${entry(fieldName(key)).label} ${i + 1}` }}
      value={all[i]?.[key] ?? null}
      {...(errors[`brakings.${i}.${key}`] ? { error: errors[`brakings.${i}.${key}`] } : {})}
      onChange={(x) => x && onChange(all.map((b, k) => (k === i ? { ...b, [key]: x } : b)))}
    />
  );
  return (
    <section>
      <Heading note={heat ? `${number(heat.lapJ / 1e6, 2)} MJ, ${number(heat.lapKwh, 2)} kWh a lap` : ''}>
        The brakings of a lap
      </Heading>
      <div className="relative overflow-x-auto">
        <Table>
          <thead>
            <tr>
              <Th>from</Th>
              <Th>to</Th>
              <Th>to the next</Th>
              <Th numeric>energy, kJ</Th>
              <Th numeric>before, {t.unit}</Th>
              <Th numeric>after, {t.unit}</Th>
              <Th>
                <span className="sr-only">take out</span>
              </Th>
            </tr>
          </thead>
          <tbody>
            {all.map((_, i) => {
              const e = heat?.events[i];
              return (
                <tr key={i} className="align-top">
                  <Td className="min-w-40 pt-2">{field(i, 'from')}</Td>
                  <Td className="min-w-40 pt-2">{field(i, 'to')}</Td>
                  <Td className="min-w-40 pt-2">{field(i, 'gap')}</Td>
                  <Td numeric>{e ? number(e.energyJ / 1000, 0) : '–'}</Td>
                  <Td numeric>{e ? number(t.of(e.troughC), 0) : '–'}</Td>
                  <Td numeric>
                    {e
                      ? `${number(t.of(e.peakC), 0)}\u00a0±\u00a0${number(t.of(e.peakUncertaintyC) - t.of(0), 0)}`
                      : '–'}
                  </Td>
                  <Td>
                    <Button
                      tone="link"
                      aria-label={`Take braking ${i + 1} out`}
                      disabled={all.length === 1}
                      onClick={() => onChange(all.filter((_, k) => k !== i))}
                    >
                      take out
                    </Button>
                  </Td>
                </tr>
              );
            })}
          </tbody>
        </Table>
      </div>
      <Button
        className="mt-3"
        disabled={all.length >= 60}
        onClick={() => onChange([...all, ...all.slice(-1)])}
      >
        One braking more
      </Button>
    </section>
  );
}
