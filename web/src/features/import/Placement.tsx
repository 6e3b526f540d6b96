import type { ImportPreview, MeasuredStop } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Field, Input } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, said } from '../../units/units';

/** Where a log's stops go: to one configuration, but for those left out or sent elsewhere. */
export type Placing = {
  configuration: string;
  changed: string;
  block: string;
  left: ReadonlySet<number>;
  byStop?: Record<number, string>;
};

export function LogPlacement({
  stops,
  placing,
  known,
  onChange,
}: {
  stops: MeasuredStop[];
  placing: Placing;
  known: string[];
  onChange: (p: Placing) => void;
}) {
  return (
    <div>
      <Heading note="every one is kept with its flags; leave out what does not belong here">
        Stops found
      </Heading>
      <Where placing={placing} known={known} onChange={onChange} />
      {stops.length === 0 ? (
        <p className="bg-slab p-6">
          No stops in it: nothing slows from 5 m/s or more by 2 m/s² for 0.4 s. Check above that the speed
          column has the right role.
        </p>
      ) : (
        <Found stops={stops} placing={placing} onChange={onChange} />
      )}
    </div>
  );
}

type Placed = { placing: Placing; onChange: (p: Placing) => void };

function Where({ placing, known, onChange }: Placed & { known: string[] }) {
  return (
    <div className="mb-4 grid max-w-3xl gap-3 md:grid-cols-[1fr_1fr_90px]">
      <Field label="Configuration" help="As fitted while these were driven, such as “As bought”.">
        <Input
          list="configurations"
          value={placing.configuration}
          maxLength={200}
          onChange={(e) => onChange({ ...placing, configuration: e.target.value })}
        />
      </Field>
      <datalist id="configurations">
        {known.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      <Field label="What changed in it" help="From the vehicle as it came, comma between: pads, fluid.">
        <Input value={placing.changed} onChange={(e) => onChange({ ...placing, changed: e.target.value })} />
      </Field>
      <Field label="Block">
        <Input
          type="number"
          min={1}
          value={placing.block}
          onChange={(e) => onChange({ ...placing, block: e.target.value })}
        />
      </Field>
    </div>
  );
}

/** The stops of a log, each kept or left out, and of which configuration where that is another one. */
function Found({ stops, placing, onChange }: Placed & { stops: MeasuredStop[] }) {
  const { units } = usePreferences();
  const toggle = (n: number) => {
    const left = new Set(placing.left);
    if (!left.delete(n)) left.add(n);
    onChange({ ...placing, left });
  };
  return (
    <Table className="max-w-4xl">
      <thead>
        <tr>
          <Th>keep</Th>
          <Th>stop</Th>
          <Th numeric>onset, s</Th>
          <Th numeric>entry, {units.speed.unit}</Th>
          <Th numeric>run, {units.distance.unit}</Th>
          <Th numeric>plateau, {units.deceleration.unit}</Th>
          <Th>flags</Th>
          <Th>configuration</Th>
        </tr>
      </thead>
      <tbody>
        {stops.map((s, i) => (
          <tr key={s.onsetS}>
            <Td>
              <input
                type="checkbox"
                className="size-4 accent-[var(--ink)]"
                aria-label={`Keep stop ${i + 1}`}
                checked={!placing.left.has(i + 1)}
                onChange={() => toggle(i + 1)}
              />
            </Td>
            <Td>
              {i + 1} {s.kind === 'SNUB' && <span className="text-ink-3">snub</span>}
            </Td>
            <Td numeric>{number(s.onsetS, 2)}</Td>
            <Td numeric>{figure(s.entrySpeed, units.speed)}</Td>
            <Td numeric>{figure(s.distance, units.distance)}</Td>
            <Td numeric>{figure(s.mfdd, units.deceleration)}</Td>
            <Td className="text-[13px] text-ink-2">
              {s.flags.map((f) => said(f.finding, units)).join('; ')}
            </Td>
            <Td className="w-44">
              <Input
                className="min-h-7 text-[13px]"
                aria-label={`Configuration of stop ${i + 1}`}
                placeholder={placing.configuration}
                value={placing.byStop?.[i + 1] ?? ''}
                onChange={(e) => {
                  const byStop = { ...placing.byStop };
                  if (e.target.value) byStop[i + 1] = e.target.value;
                  else delete byStop[i + 1];
                  onChange({ ...placing, byStop });
                }}
              />
            </Td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

type Sheet = NonNullable<ImportPreview['sheet']>;

export function SheetPlacement(props: {
  sheet: Sheet;
  changed: Record<string, string>;
  onChanged: (changed: Record<string, string>) => void;
}) {
  const { units } = usePreferences();
  const names = [...new Set(props.sheet.stops.map((s) => s.configuration))];
  return (
    <div>
      <Heading note="each configuration takes its own rows">Stops on the sheet</Heading>
      {props.sheet.leftOut.length > 0 && (
        <p className="mb-3 text-sm text-caution">
          Columns not known here were not read: {props.sheet.leftOut.join(', ')}.
        </p>
      )}
      <Table className="max-w-3xl">
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>stops</Th>
            <Th numeric>struck out</Th>
            <Th numeric>distance, {units.distance.unit}</Th>
            <Th>what changed in it</Th>
          </tr>
        </thead>
        <tbody>
          {names.map((name) => {
            const own = props.sheet.stops.filter((s) => s.configuration === name);
            const distances = own.flatMap((s) => (s.distance ? [s.distance.inside ?? 0] : []));
            return (
              <tr key={name}>
                <Td>{name}</Td>
                <Td numeric>{own.length}</Td>
                <Td numeric>{own.filter((s) => s.struckOut).length}</Td>
                <Td numeric>
                  {distances.length > 0 &&
                    `${figure({ value: Math.min(...distances) }, units.distance)} to ${figure({ value: Math.max(...distances) }, units.distance)}`}
                </Td>
                <Td>
                  <Input
                    aria-label={`What changed in ${name}`}
                    placeholder="pads, fluid"
                    value={props.changed[name] ?? ''}
                    onChange={(e) => props.onChanged({ ...props.changed, [name]: e.target.value })}
                  />
                </Td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </div>
  );
}
