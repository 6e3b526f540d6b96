import { useQuery } from '@tanstack/react-query';
import { laps } from '../../api/queries';
import type { DrivenLaps, LapCorner, Summary } from '../../api/types';
import { Heading } from '../../ui/Layout';
import { Folded } from '../../ui/Folded';
import { Loaded } from '../../ui/Loaded';
import { Table, Td, Th } from '../../ui/Table';
import { number, said, span, type UnitTable } from '../../units/units';

/** What the corners of a lap ask of the brakes, as driven, beside what the layout predicts; nothing without a track log. */
export function Laps({ testId, units }: { testId: string; units: UnitTable }) {
  return (
    <Loaded query={useQuery(laps(testId))} what="Looking for laps">
      {({ recordings }) =>
        recordings.length === 0 ? null : (
          <Folded question="What does a lap ask of them?">
            {recordings.map((r) => (
              <Driven key={r.recordingId} driven={r} units={units} />
            ))}
          </Folded>
        )
      }
    </Loaded>
  );
}

function Driven({ driven, units }: { driven: DrivenLaps; units: UnitTable }) {
  const { laps: found, lapKwh, predicted, predictedBy } = driven;
  const t = units.temperature;
  if (found.lapM.value === undefined) {
    return (
      <section>
        <Heading>Laps</Heading>
        <p className="text-[14px]">No laps are seen in this log: {found.lapM.reason}.</p>
      </section>
    );
  }
  return (
    <section className="overflow-x-auto">
      <Heading note="found from the log’s speed alone; mean and spread of all laps, front discs in the last lap with twice their sensor’s uncertainty; the prediction goes by one time constant and has no range of its own">
        Laps
      </Heading>
      <p className="mb-2 max-w-[85ch] text-[14px]">
        {driven.configuration}: {found.laps} laps of {number(units.distance.of(found.lapM.value), 0)}{' '}
        {units.distance.unit} with {found.corners.length} brakings
        {lapKwh.value !== undefined && `, ${number(lapKwh.value, 2)} kWh into the brakes in each`}. Predicted:{' '}
        {said(predictedBy, units)}.
      </p>
      <Table>
        <thead>
          <tr>
            <Th>corner</Th>
            <Th numeric>at, {units.distance.unit}</Th>
            <Th numeric>laps</Th>
            <Th numeric>from, {units.speed.unit}</Th>
            <Th numeric>to, {units.speed.unit}</Th>
            <Th numeric>energy, kJ</Th>
            <Th numeric>front start to peak, {t.unit}</Th>
            <Th numeric>predicted, {t.unit}</Th>
          </tr>
        </thead>
        <tbody>
          {found.corners.map((c, i) => (
            <tr key={c.atM}>
              <Td>{i + 1}</Td>
              <Td numeric>{number(units.distance.of(c.atM), 0)}</Td>
              <Td numeric>{c.v1.n}</Td>
              <Td numeric>
                <Mean of={c.v1} shown={(v) => units.speed.of(v)} decimals={1} />
              </Td>
              <Td numeric>
                <Mean of={c.v2} shown={(v) => units.speed.of(v)} decimals={1} />
              </Td>
              <Td numeric>
                <Mean of={c.energyJ} shown={(j) => j / 1000} decimals={0} />
              </Td>
              <Td numeric className="font-[650]">
                {front(c, 'troughC', t.of)} to {front(c, 'peakC', t.of)}{' '}
                {c.sensorU.value !== undefined && (
                  <span className="font-normal text-ink-3">± {number(2 * span(c.sensorU.value, t), 0)}</span>
                )}
              </Td>
              <Td numeric>
                {predicted[i] === undefined
                  ? '–'
                  : `${number(t.of(predicted[i].troughC), 0)} to ${number(t.of(predicted[i].peakC), 0)}`}
              </Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}

/** Mean of both front discs. */
function front(c: LapCorner, which: 'troughC' | 'peakC', of: (c: number) => number): string {
  const both = [c[which].FRONT_LEFT, c[which].FRONT_RIGHT].filter((v) => v !== undefined);
  return both.length === 0 ? '–' : number(of(both.reduce((a, b) => a + b, 0) / both.length), 0);
}

function Mean(props: { of: Summary; shown: (v: number) => number; decimals: number }) {
  const { mean, sd } = props.of;
  if (mean.value === undefined) return <>–</>;
  return (
    <>
      {number(props.shown(mean.value), props.decimals)}
      {sd.value !== undefined && (
        <span className="text-ink-3"> SD {number(props.shown(sd.value), props.decimals)}</span>
      )}
    </>
  );
}
