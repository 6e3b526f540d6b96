import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, as, ask } from '../../api/client';
import type { HeatReading, HeatSide, Peak } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { Button } from '../../ui/Button';
import { Failure, Heading } from '../../ui/Layout';
import { Sheet } from '../../ui/Sheet';
import { Table, Td, Th } from '../../ui/Table';
import { useUndo } from '../../ui/Undo';
import { number, said, span, type UnitTable } from '../../units/units';
import { ReadingForm } from './ReadingForm';
import { useDiscs } from '../../reader/discs';
import { clueWords, hottestOf, sourceWord } from './words';

/** Discs that more than their sensor tells of: what each says, which is believed, and why. */
export function HowHot(props: { testId: string; side: HeatSide; letter: Letter; units: UnitTable }) {
  const { testId, side, letter, units } = props;
  const named = useDiscs();
  const [adding, setAdding] = useState(false);
  const rows = side.study.stops.flatMap((stop) =>
    named.flatMap(([wheel, name]) => {
      const peak = stop.discs[wheel]?.peak;
      const told = peak?.clues.some((c) => c.source !== 'SENSOR');
      return peak && told ? [{ key: `${stop.number}${wheel}`, stop: stop.number, name, peak }] : [];
    }),
  );
  return (
    <section className="overflow-x-auto">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <Heading note="everything that tells of one disc’s peak, weighed; the surest that most agrees with is believed">
          How hot was it really, {letter}
        </Heading>
        <Button onClick={() => setAdding(true)}>Add a reading</Button>
      </div>
      {rows.length === 0 ? (
        <p className="max-w-[75ch] text-[14px]">
          {hottestOf(side) !== undefined
            ? 'Only one thing tells of each disc so far.'
            : 'Nothing tells of its discs so far.'}{' '}
          Add what a thermometer gun, a probe, or paint and crayons showed; where two tell of the same disc
          they are held against each other here.
        </p>
      ) : (
        <Table>
          <thead>
            <tr>
              <Th>stop</Th>
              <Th>disc</Th>
              <Th>what tells of it</Th>
              <Th>believed</Th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ key, stop, name, peak }) => (
              <tr key={key} className="align-top">
                <Td>{stop}</Td>
                <Td>{name}</Td>
                <Td>
                  {peak.clues.map((c, i) => (
                    <span key={i} className="block">
                      <b className="font-[600]">{sourceWord(c.source)}</b> {clueWords(c, units)}
                    </span>
                  ))}
                </Td>
                <Td className="max-w-[60ch] whitespace-normal">
                  <Believed peak={peak} units={units} />
                </Td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <Emissivity side={side} units={units} />
      {side.readings.length > 0 && <Entered testId={testId} readings={side.readings} units={units} />}
      {adding && (
        <Sheet
          open
          title="A reading of a disc"
          description="Read it as soon as the vehicle stands, and say how long after; it is carried back to the peak. Hot parts burn: no hands near the disc."
          onClose={() => setAdding(false)}
        >
          <ReadingForm testId={testId} side={side} units={units} onDone={() => setAdding(false)} />
        </Sheet>
      )}
    </section>
  );
}

function Believed({ peak, units }: { peak: Peak; units: UnitTable }) {
  const t = units.temperature;
  return (
    <>
      {peak.peakC.value === undefined ? (
        (peak.peakC.reason ?? 'not known')
      ) : (
        <b className="font-[680]">
          {number(t.of(peak.peakC.value), 0)} ± {number(2 * span(peak.peakU.value ?? 0, t), 0)} {t.unit}
        </b>
      )}
      {peak.source && `, by ${sourceWord(peak.source)}`}
      {peak.doubts.map((d) => (
        <span key={d.text.metric} className="mt-1 block border-l-[3px] border-caution pl-2 text-ink-2">
          {said(d, units)}
        </span>
      ))}
    </>
  );
}

/** Bare against black: why a gun must not be pointed at the rubbing path. */
function Emissivity({ side, units }: { side: HeatSide; units: UnitTable }) {
  return (
    <p className="mt-2 max-w-[85ch] text-[14px] text-ink-2">
      <b className="font-[650] text-ink">Bare or black.</b> A rubbed disc is bright and radiates little, so a
      thermometer set for a black surface reads it too low. Blacken a patch beside the rubbing path, or hold a
      contact probe. {said(side.answer.bareReadLow, units)} Readings on the run card, and those of a stop
      sheet that does not say what was looked at, count as of bare metal.
    </p>
  );
}

function Entered(props: { testId: string; readings: HeatReading[]; units: UnitTable }) {
  const client = useQueryClient();
  const named = useDiscs();
  const undo = useUndo();
  const again = () => client.invalidateQueries({ queryKey: ['test', props.testId, 'heat'] });
  const back = useMutation({
    mutationFn: (r: HeatReading) =>
      ask(
        api.PUT('/api/stops/{stopId}/disc-readings/{id}', {
          params: { path: { stopId: r.stopId, id: r.id } },
          headers: as(r.by),
          body: r.reading,
        }),
      ),
    onSuccess: again,
  });
  const forget = useMutation({
    mutationFn: (r: HeatReading) =>
      ask(api.DELETE('/api/disc-readings/{id}', { params: { path: { id: r.id } } })),
    onSuccess: (_, r) => {
      undo({ message: `Reading of stop ${r.stop} removed.`, undo: () => back.mutate(r) });
      return again();
    },
  });
  return (
    <details className="mt-2 text-[14px]">
      <summary className="cursor-pointer font-[600]">Readings entered here: {props.readings.length}</summary>
      <ul className="mt-1 grid gap-1">
        {props.readings.map((r) => (
          <li key={r.id} className="flex flex-wrap items-baseline gap-x-4">
            <span>
              Stop {r.stop}, {named.find(([w]) => w === r.reading.wheel)?.[1] ?? r.reading.wheel},{' '}
              {sourceWord(r.reading.source)}
              {r.reading.face && `, ${r.reading.face.toLowerCase()} face`}, read by {r.by}
            </span>
            <Button
              tone="link"
              aria-label={`Remove the reading of stop ${r.stop} by ${sourceWord(r.reading.source)}`}
              onClick={() => forget.mutate(r)}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      {forget.error && <Failure error={forget.error} />}
    </details>
  );
}
