import { useState } from 'react';
import type { Entry, HandReadings, Happening, Quantity, RunView, Wheel } from '../../api/types';
import { useChoices, useEntries } from '../../forms/useForms';
import { usePreferences } from '../../reader/preferences';
import { useDraft } from '../../reader/useDraft';
import { Button } from '../../ui/Button';
import { Segments } from '../../ui/Segments';
import { Field, Input } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import { number, TYPED, type Shown, type UnitTable } from '../../units/units';
import { allInside, NumberPad, type PadField } from './NumberPad';
import { READ_ON, useReadOn, type ReadOn } from './useReadOn';
import { useWheels } from './wheels';

type Pedal = NonNullable<HandReadings['pedal']>;
type Effort = NonNullable<HandReadings['effort']>;
type Instrument = HandReadings['instrument'];
type Locked = 'no' | 'front' | 'rear';
type Tyres = NonNullable<HandReadings['tyres']>;
const MOST_PEOPLE = 3;

type WhatWasSeen = {
  pedal: Pedal | null;
  effort: Effort | null;
  locked: Locked;
  switches: Record<string, boolean>;
  tyres: Tyres | null;
};
const NOTHING_SEEN: WhatWasSeen = { pedal: null, effort: null, locked: 'no', switches: {}, tyres: null };

type Draft = {
  values: Record<string, string>;
  readAtS: number | null;
  instrument: Instrument;
  people: number;
  seen: WhatWasSeen;
  note: string;
};
const NOTHING_READ: Draft = {
  values: {},
  readAtS: null,
  instrument: 'TAPE',
  people: 1,
  seen: NOTHING_SEEN,
  note: '',
};

/** What people read off thermometer, tape and stopwatch, in the order it is taken: heat goes first. */
export function ReadingsSheet(props: {
  view: RunView;
  now: number;
  /** When it came to rest, on the run's clock. */
  restAtS: number;
  holder: string;
  say: (what: Happening) => void;
  onClose: () => void;
}) {
  const { view } = props;
  const { units, system } = usePreferences();
  const typed = TYPED[system];
  const wheels = useWheels();
  const draft = useDraft<Draft>(`${view.testId}.readings.${view.stops.length}.${view.stage}`, NOTHING_READ);
  const { values, readAtS, instrument, people, seen, note } = draft.value;
  const set = (changes: Partial<Draft>) => draft.change({ ...draft.value, ...changes });
  const [active, setActive] = useState('FRONT_LEFT');
  const [readOn, setReadOn] = useReadOn();
  const lateS = Math.max(0, (readAtS ?? props.now) - props.restAtS);
  const asked = view.sides[view.current?.configuration ?? 0]?.switches ?? [];
  const fields = padFields(view, wheels, units, people, useEntries('reading'));
  const change = (next: Record<string, string>) => {
    // The first digit of a temperature says when it was read.
    const read = readAtS === null && wheels.some(([w]) => next[w]);
    set({ values: next, ...(read ? { readAtS: props.now } : {}) });
  };
  const logged = view.stage === 'JUDGED' && !!view.stops.at(-1)?.logged;
  const ready =
    allInside(fields, values) &&
    (logged || !!values.distance0 || !!values.time || view.current?.phase?.kind === 'SPIKE');
  const quantity = (key: string, unit: Quantity['unit']): Quantity | null =>
    values[key] ? { entered: Number(values[key]), unit } : null;
  const readings = (): HandReadings => ({
    entrySpeed: quantity('speed', typed.speed),
    distances: Array.from({ length: people }, (_, i) => quantity(`distance${i}`, typed.distance))
      .filter((q): q is Quantity => q !== null)
      .map((distance) => ({ by: props.holder, distance })),
    instrument: values.distance0 ? instrument : 'STOPWATCH',
    time: quantity('time', 'SECONDS'),
    peaks: Object.fromEntries(
      wheels.map(([w]) => [w, quantity(w, typed.temperature)]).filter(([, q]) => q !== null),
    ) as Partial<Record<Wheel, Quantity>>,
    lateS: Math.round(lateS * 10) / 10,
    pedal: seen.pedal,
    effort: seen.effort,
    tyres: seen.tyres,
    rolled: quantity('rolled', typed.distance),
    lockSeen: seen.locked !== 'no',
    rearFirst: seen.locked === 'rear',
    switches: seen.switches,
    note: note.trim(),
    readOn: readAtS === null ? null : readOn,
  });
  return (
    <Sheet
      open
      trackside
      title="Readings of this stop"
      description={`Pedal released? Read left to right, front first; ${Math.round(lateS)} s since rest. Late readings are carried back to the peak.`}
      onClose={props.onClose}
    >
      <div className="grid gap-4">
        <NumberPad fields={fields} values={values} active={active} onActive={setActive} onChange={change} />
        {readAtS !== null && <LookedAt value={readOn} onChange={setReadOn} />}
        <ReadWith
          instrument={instrument}
          people={people}
          onInstrument={(next) => set({ instrument: next })}
          onPeople={(next) => set({ people: next })}
        />
        <Seen
          asked={asked}
          seen={seen}
          before={view.stops.at(-1)?.readings}
          onChange={(next) => set({ seen: next })}
        />
        <Note value={note} onChange={(next) => set({ note: next })} />
        <Button
          tone="main"
          className="min-h-16 text-[19px]"
          disabled={!ready}
          onClick={() => {
            props.say({ type: 'entered', readings: readings() });
            draft.forget();
            props.onClose();
          }}
        >
          {logged ? 'Add to this stop' : 'Judge this stop'}
        </Button>
      </div>
    </Sheet>
  );
}

/** What the thermometer looked at: bare metal reads far too cold. */
function LookedAt(props: { value: ReadOn | null; onChange: (readOn: ReadOn) => void }) {
  return (
    <Segments<ReadOn | ''>
      large
      label="What the thermometer looked at"
      value={props.value ?? ''}
      options={READ_ON}
      onChange={(v) => v !== '' && props.onChange(v)}
    />
  );
}

function Note(props: { value: string; onChange: (note: string) => void }) {
  return (
    <Field label="Note">
      <Input
        className="min-h-14"
        maxLength={500}
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
    </Field>
  );
}

function ReadWith(props: {
  instrument: Instrument;
  people: number;
  onInstrument: (instrument: Instrument) => void;
  onPeople: (people: number) => void;
}) {
  const { instrument, people } = props;
  return (
    <div className="flex flex-wrap gap-3">
      <Segments<Instrument>
        large
        label="Read with"
        value={instrument}
        options={[
          ['TAPE', 'tape'],
          ['WHEEL', 'wheel'],
        ]}
        onChange={props.onInstrument}
      />
      {people < MOST_PEOPLE && (
        <Button className="min-h-14" onClick={() => props.onPeople(people + 1)}>
          Somebody else read it too
        </Button>
      )}
    </div>
  );
}

/** The same again, where a stop was read before. */
function asBefore(before: HandReadings): WhatWasSeen {
  const { pedal, effort, lockSeen, rearFirst, switches, tyres } = before;
  const locked = rearFirst ? 'rear' : lockSeen ? 'front' : 'no';
  return { pedal, effort, locked, switches: { ...switches }, tyres };
}

/** What was felt and seen: the pedal, wheels that locked, how the switches stood. */
function Seen(props: {
  asked: RunView['sides'][number]['switches'];
  seen: WhatWasSeen;
  before: HandReadings | undefined;
  onChange: (seen: WhatWasSeen) => void;
}) {
  const { asked, seen, before, onChange } = props;
  const pedals = useChoices('pedals');
  const efforts = useChoices('efforts');
  return (
    <>
      {before && (before.pedal ?? before.effort) !== null && (
        <Button className="min-h-14" onClick={() => onChange(asBefore(before))}>
          Looked and felt: same as last
        </Button>
      )}
      <Segments<Pedal | ''>
        large
        label="Pedal"
        value={seen.pedal ?? ''}
        options={pedals.map((p) => [p.name as Pedal, p.label])}
        onChange={(p) => onChange({ ...seen, pedal: p === '' ? null : p })}
      />
      <Segments<Effort | ''>
        large
        label="How hard it was pressed"
        value={seen.effort ?? ''}
        options={efforts.map((e) => [e.name as Effort, `pressed: ${e.label}`])}
        onChange={(e) => onChange({ ...seen, effort: e === '' ? null : e })}
      />
      <Segments<Locked>
        large
        label="Wheels that locked"
        value={seen.locked}
        options={[
          ['no', 'no lock seen'],
          ['front', 'a front wheel locked'],
          ['rear', 'rear first'],
        ]}
        onChange={(locked) => onChange({ ...seen, locked })}
      />
      <Segments<Tyres | ''>
        large
        label="Tyres before this stop"
        value={seen.tyres ?? ''}
        options={[
          ['', 'tyres: nobody felt'],
          ['COLD', 'cold tyres'],
          ['WARM', 'warm tyres'],
        ]}
        onChange={(t) => onChange({ ...seen, tyres: t === '' ? null : t })}
      />
      {asked.map((one) => (
        <SwitchFound
          key={one.name}
          asked={one}
          found={seen.switches[one.name]}
          onFound={(on) => {
            const switches = { ...seen.switches };
            if (on === undefined) delete switches[one.name];
            else switches[one.name] = on;
            onChange({ ...seen, switches });
          }}
        />
      ))}
    </>
  );
}

/** How a switch was found, and what proves it. */
function SwitchFound(props: {
  asked: RunView['sides'][number]['switches'][number];
  found: boolean | undefined;
  onFound: (on: boolean | undefined) => void;
}) {
  const { label, proof, on } = props.asked;
  return (
    <div>
      <Segments<'' | 'on' | 'off'>
        large
        label={label}
        value={props.found === undefined ? '' : props.found ? 'on' : 'off'}
        options={[
          ['', `${label}: not looked`],
          ['on', `was on${on ? ', as asked' : ''}`],
          ['off', `was off${on ? '' : ', as asked'}`],
        ]}
        onChange={(v) => props.onFound(v === '' ? undefined : v === 'on')}
      />
      <p className="mt-1 text-[14px] text-ink-2">{proof}</p>
    </div>
  );
}

/** In the unit of the pad, not a digit beyond what the core takes. */
const bounds = (entry: Entry, shown: Shown, decimals = 0) => ({
  low: Math.ceil(shown.of(entry.lowInside) * 10 ** decimals - 1e-9) / 10 ** decimals,
  high: Math.floor(shown.of(entry.highInside) * 10 ** decimals + 1e-9) / 10 ** decimals,
});

function padFields(
  view: RunView,
  wheels: [Wheel, string][],
  units: UnitTable,
  people: number,
  entry: ReturnType<typeof useEntries>,
): PadField[] {
  const { temperature: t, speed, distance, time } = units;
  const before = view.stops.at(-1)?.readings;
  const gate = view.current?.phase?.gate;
  const shown = (q: Quantity | null | undefined) => (q ? String(q.entered) : undefined);
  const last = (text: string | undefined) => (text ? { hint: `last ${text}` } : {});
  return [
    ...wheels.map(([key, label]) => ({
      key,
      label,
      unit: t.unit,
      ...bounds(entry('DISC'), t),
      ...last(shown(before?.peaks[key])),
    })),
    {
      key: 'speed',
      label: entry('SPEED').label,
      unit: speed.unit,
      ...bounds(entry('SPEED'), speed),
      ...(view.fromMps !== null && { hint: `asked ${number(speed.of(view.fromMps), 0)}` }),
    },
    ...Array.from({ length: people }, (_, i) => ({
      key: `distance${i}`,
      label: i === 0 ? entry('DISTANCE').label : `${entry('DISTANCE').label}, reader ${i + 1}`,
      unit: distance.unit,
      ...bounds(entry('DISTANCE'), distance, 1),
      ...last(shown(before?.distances[i]?.distance)),
    })),
    {
      key: 'time',
      label: entry('TIME').label,
      unit: time.unit,
      ...bounds(entry('TIME'), time, 1),
      ...last(shown(before?.time)),
    },
    ...((gate?.nearest ?? gate?.furthest)
      ? [
          {
            key: 'rolled',
            label: entry('ROLLED').label,
            unit: distance.unit,
            ...bounds(entry('ROLLED'), distance),
            ...last(shown(before?.rolled)),
          },
        ]
      : []),
  ];
}
