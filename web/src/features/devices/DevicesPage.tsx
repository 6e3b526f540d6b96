import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { devices, lastReadings, weather } from '../../api/queries';
import type { Device } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { EmptySlab, Failure, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { RowButton } from '../../ui/RowButton';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number } from '../../units/units';
import { clock, exactMoment } from '../../units/when';

const KINDS: [Device['kind'], string][] = [
  ['LOGGER', 'logger in the vehicle'],
  ['THERMOMETER', 'thermometer'],
  ['ROLLER_TESTER', 'roller tester'],
  ['WEATHER_MAST', 'weather mast'],
];

/** What measures by itself: paired once with a code, then heard. */
export function DevicesPage() {
  return (
    <>
      <Strip tone="sheet">
        <h1 className="text-[26px]">Devices</h1>
        <p className="mt-1 max-w-[80ch] text-[14.5px] text-ink-2">
          Whatever speaks the open device protocol can send its readings here. Add it, give it the code that
          is shown, and it is heard from then on.
        </p>
      </Strip>
      <Strip className="grid gap-10 lg:grid-cols-[1fr_340px]">
        <div className="min-w-0">
          <Loaded query={useQuery(devices())} what="Reading the devices">
            {(all) =>
              all.length === 0 ? <EmptySlab line="No device yet. Add the first one." /> : <List all={all} />
            }
          </Loaded>
          <WeatherNow />
        </div>
        <NewDevice />
      </Strip>
    </>
  );
}

/** What it sent stays; its code opens nothing more. */
function List({ all }: { all: Device[] }) {
  const client = useQueryClient();
  const cut = useMutation({
    mutationFn: (id: string) => ask(api.DELETE('/api/devices/{id}', { params: { path: { id } } })),
    onSettled: () => client.invalidateQueries({ queryKey: devices().queryKey }),
  });
  return (
    <Table>
      <thead>
        <tr>
          <Th>name</Th>
          <Th>what it is</Th>
          <Th>connected last</Th>
          <Th>read last</Th>
          <Th>
            <span className="sr-only">cut off</span>
          </Th>
        </tr>
      </thead>
      <tbody>
        {all.map((d) => (
          <tr key={d.id}>
            <Td className="font-[600]">{d.name}</Td>
            <Td>{KINDS.find(([k]) => k === d.kind)?.[1]}</Td>
            <Td>
              {d.connected
                ? `connected now${wrongClock(d.clockAheadS)}`
                : d.lastSeenAt
                  ? exactMoment(d.lastSeenAt)
                  : 'never'}
            </Td>
            <Td>
              <LastRead device={d} />
            </Td>
            <Td>
              <RowButton
                act="Cut off"
                of={d.name}
                disabled={cut.isPending}
                onClick={() => cut.mutate(d.id)}
              />
            </Td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** A clock that is wrong by seconds is usual; by more somebody may want to set it. */
const WRONG_S = 5;

function wrongClock(aheadS: number | null): string {
  if (aheadS === null || Math.abs(aheadS) < WRONG_S) return '';
  const by = Math.abs(aheadS);
  const told = by < 120 ? `${number(by, 0)} s` : `${number(by / 60, 0)} min`;
  return `; its clock is ${told} ${aheadS > 0 ? 'ahead' : 'behind'}, which Frenum puts right`;
}

/** What a thermometer or a roller tester read last; a logger's rows run on the run card, the mast's stand below. */
function LastRead({ device }: { device: Device }) {
  const { units } = usePreferences();
  const reads = device.kind === 'THERMOMETER' || device.kind === 'ROLLER_TESTER';
  const { data } = useQuery({ ...lastReadings(device.id), enabled: reads });
  if (!reads || !data || data.length === 0) return <span className="text-ink-3">–</span>;
  const t = units.temperature;
  const told = data
    .map((r) => {
      const wheel = r.quantity
        .replace(/^(DISC_TEMPERATURE|BRAKE_FORCE)_/, '')
        .toLowerCase()
        .replace('_', ' ');
      const inside = r.value.inside ?? r.value.entered;
      return r.quantity.startsWith('DISC')
        ? `${wheel} ${number(t.of(inside), 0)} ${t.unit}`
        : `${wheel} ${number(units.force.of(inside), 0)} ${units.force.unit}`;
    })
    .join(', ');
  return <span className="text-[13px]">{told}</span>;
}

function WeatherNow() {
  const { units } = usePreferences();
  return (
    <section className="mt-8">
      <Heading note="mean of the last five minutes">Weather at the lane</Heading>
      <Loaded query={useQuery(weather())} what="Asking the mast">
        {(w) =>
          w.lastAt === null ? (
            <p className="text-sm text-ink-3">No mast has sent anything in the last five minutes.</p>
          ) : (
            <dl className="grid max-w-3xl grid-cols-2 gap-4 md:grid-cols-4">
              <Value name={`Air, ${units.temperature.unit}`} told={figure(w.airC, units.temperature, 1)} />
              <Value
                name={`Lane surface, ${units.temperature.unit}`}
                told={figure(w.trackC, units.temperature, 1)}
              />
              <Value
                name={`Wind against the vehicle, ${units.speed.unit}`}
                told={figure(w.windMps, units.speed, 1)}
              />
              <Value name="Humidity, %" told={figure(w.humidity, units.share, 0)} />
              <p className="col-span-full text-[13px] text-ink-3">
                {w.readings} readings, the last at {clock(w.lastAt)}.
              </p>
            </dl>
          )
        }
      </Loaded>
    </section>
  );
}

function Value({ name, told }: { name: string; told: string }) {
  return (
    <div>
      <dt className="text-[13px] text-ink-3">{name}</dt>
      <dd className="text-[22px] font-[650]">{told}</dd>
    </div>
  );
}

function NewDevice() {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Device['kind']>('WEATHER_MAST');
  const add = useMutation({
    mutationFn: () => ask(api.POST('/api/devices', { body: { id: newId(), name, kind } })),
    onSuccess: () => {
      setName('');
      return client.invalidateQueries({ queryKey: devices().queryKey });
    },
  });
  return (
    <form
      className="grid content-start gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate();
      }}
    >
      <Heading>Add a device</Heading>
      <Field label="Name of the device">
        <Input value={name} maxLength={100} onChange={(e) => setName(e.target.value)} />
      </Field>
      <Field label="What it is">
        <Select value={kind} onChange={(e) => setKind(e.target.value as Device['kind'])}>
          {KINDS.map(([k, label]) => (
            <option key={k} value={k}>
              {label}
            </option>
          ))}
        </Select>
      </Field>
      <div>
        <Button tone="main" type="submit" disabled={name.trim() === '' || add.isPending}>
          Add it
        </Button>
      </div>
      {add.error && <Failure error={add.error} />}
      {add.data && (
        <div role="status" className="border-l-[3px] border-ink bg-sheet p-4 text-sm">
          Code of {add.data.device.name}, shown this once:
          <b className="mt-1 block text-[22px] font-[680] tracking-wide">{add.data.code}</b>
        </div>
      )}
    </form>
  );
}
