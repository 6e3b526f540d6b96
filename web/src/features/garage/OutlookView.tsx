import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { outlook } from '../../api/queries';
import type { Outlook, Vehicle } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Segments } from '../../ui/Segments';
import { EmptySlab, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, span } from '../../units/units';
import { SharePicture } from './SharePicture';

type Load = 'LADEN' | 'LIGHT';

/** What the figures of a vehicle say before anything is driven: which axle locks first, and how hot one stop is. */
export function OutlookView({ vehicle }: { vehicle: Vehicle }) {
  const [load, setLoad] = useState<Load>('LADEN');
  return (
    <div className="grid gap-8">
      <div className="flex">
        <Segments<Load>
          label="Load"
          value={load}
          options={[
            ['LADEN', 'Laden'],
            ['LIGHT', 'Light'],
          ]}
          onChange={setLoad}
        />
      </div>
      <Loaded query={useQuery(outlook(vehicle.id, vehicle.version ?? 0, load))} what="Working it out">
        {(data) => (
          <div className="grid gap-10 xl:grid-cols-[1.3fr_1fr]">
            <Balance data={data} />
            <Rises data={data} />
          </div>
        )}
      </Loaded>
    </div>
  );
}

/** Harder than this nothing brakes on tyres, m/s². */
const LIFTS_WITHIN_REACH = 12;

function Balance({ data }: { data: Outlook }) {
  const { units } = usePreferences();
  const share = data.brakeForceShare.value;
  const rearFirst = data.locking.filter((l) => l.first === 'REAR');
  const missing = data.idealReason || data.brakeForceShare.reason;
  const lifts = data.rearLiftsMps2.value;
  return (
    <section className="min-w-0">
      <Heading note="brake-force share, not the share of line pressure">Which axle locks first</Heading>
      {missing ? (
        <EmptySlab line={`Cannot be computed: ${missing}.`} />
      ) : (
        <>
          <p className="mb-3 text-[17px] font-[600]">
            {rearFirst.length === 0
              ? 'The front locks first on every grip from 0.2 to 1.0.'
              : `The rear locks first on a grip of ${rearFirst.map((l) => number(l.grip, 1)).join(', ')}: anti-lock or a limiter must hold it.`}
          </p>
          {lifts !== undefined && lifts < LIFTS_WITHIN_REACH && (
            <p className="mb-3 border-l-[3px] border-caution pl-3 text-[15px]">
              The rear wheel lifts at {number(units.deceleration.of(lifts), 1)} {units.deceleration.unit}:
              that is the hardest it can brake, and where the front takes all of it.
            </p>
          )}
          <SharePicture points={data.ideal} share={share ?? 0} units={units} />
          <Table className="mt-4 max-w-xl">
            <thead>
              <tr>
                <Th>grip between tyre and lane</Th>
                <Th>locks first</Th>
                <Th numeric>at, {units.deceleration.unit}</Th>
              </tr>
            </thead>
            <tbody>
              {data.locking.map((l) => (
                <tr key={l.grip}>
                  <Td>{number(l.grip, 1)}</Td>
                  <Td>
                    {l.rearLifts ? 'none: the rear wheel lifts' : l.first === 'FRONT' ? 'front' : 'rear'}
                  </Td>
                  <Td numeric>{number(units.deceleration.of(l.decelerationMps2), 1)}</Td>
                </tr>
              ))}
            </tbody>
          </Table>
        </>
      )}
    </section>
  );
}

function Rises({ data }: { data: Outlook }) {
  const { units } = usePreferences();
  const t = units.temperature;
  const cell = (rise: Outlook['rises'][number]['frontC'], own: Outlook['rises'][number]['frontC']) =>
    rise.value === undefined
      ? '–'
      : `${number(span(rise.value, t), 0)} ± ${own.value === undefined ? '?' : number(Math.max(1, span(own.value, t)), 0)}`;
  const missing = data.rises[0]?.frontC.reason ?? data.rises[0]?.rearC.reason;
  return (
    <section className="min-w-0">
      <Heading note="± from weighing the disc alone">By how much one stop heats a disc</Heading>
      <Table>
        <thead>
          <tr>
            <Th>to rest from, {units.speed.unit}</Th>
            <Th numeric>front, {t.unit}</Th>
            <Th numeric>rear, {t.unit}</Th>
          </tr>
        </thead>
        <tbody>
          {data.rises.map((r) => (
            <tr key={r.fromMps}>
              <Td>{figure({ value: r.fromMps }, units.speed, 0)}</Td>
              <Td numeric>{cell(r.frontC, r.frontUncertaintyC)}</Td>
              <Td numeric>{cell(r.rearC, r.rearUncertaintyC)}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
      {missing && <p className="mt-2 text-[13px] text-ink-3">Cannot be computed: {missing}.</p>}
    </section>
  );
}
