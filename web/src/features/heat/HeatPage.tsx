import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { heat } from '../../api/queries';
import type { Heat, HeatSide } from '../../api/types';
import { usePreferences } from '../../app/preferences';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Segments } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Answer, EmptySlab, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, span, told, type UnitTable } from '../../units/units';
import { Sawtooth } from './Sawtooth';
import { heatAnswer, hottestOf, WHEEL_NAMES } from './words';

/** How hot did it get, how did it cool, and what do the pads want? */
export function HeatPage() {
  const { testId = '' } = useParams();
  const [query] = useSearchParams();
  const wanted = query.get('trough') === null ? null : Number(query.get('trough'));
  return (
    <Loaded query={useQuery(heat(testId, wanted))} what="Reading the discs">
      {(data) =>
        data.sides.every((s) => !hottestOf(s)) ? (
          <Strip>
            <h1 className="mb-4 text-[26px]">No disc temperatures yet</h1>
            <EmptySlab line="Sensors draw a line here, readings by hand open circles. Read the discs before and after each stop." />
          </Strip>
        ) : (
          <Read data={data} />
        )
      }
    </Loaded>
  );
}

function Read({ data }: { data: Heat }) {
  const { units } = usePreferences();
  const [query, setQuery] = useSearchParams();
  const chosen = Math.min(Number(query.get('side') ?? 0), data.sides.length - 1);
  const side = data.sides[chosen];
  const [trace, setTrace] = useState('0');
  if (!side) return null;
  const letter = letterOf(chosen);
  return (
    <>
      <Strip tone="sheet">
        <Answer sure="Bulk temperature of the disc by sensor, or by hand and carried back to the peak; the rubbing surface flashed higher.">
          {heatAnswer(data.sides, units)}
        </Answer>
      </Strip>
      <Strip className="grid gap-6">
        <div className="flex flex-wrap gap-4">
          {data.sides.length > 1 && (
            <Segments
              label="Configuration"
              value={String(chosen)}
              options={data.sides.map((s, i) => [String(i), `${letterOf(i)} ${s.name}`])}
              onChange={(v) => setQuery({ side: v }, { replace: true })}
            />
          )}
          {side.traces.length > 1 && (
            <Segments
              label="Recording"
              value={trace}
              options={side.traces.map((t, i) => [String(i), `block ${t.block}, log ${i + 1}`])}
              onChange={setTrace}
            />
          )}
        </div>
        <div>
          <Heading
            note={`${units.temperature.unit}; front left thick, front right thin, rear left dashed, rear right short dashed; figures at the foot are stops`}
          >
            Disc heat through {letter}’s series
          </Heading>
          <Sawtooth
            side={side}
            trace={side.traces[Number(trace)] ?? side.traces[0]}
            limitC={data.limitC}
            letter={letter}
            units={units}
          />
        </div>
        <div className="grid gap-8 lg:grid-cols-2">
          <Pads sides={data.sides} units={units} />
          <Look sides={data.sides} units={units} />
        </div>
        {data.sides.length > 1 && <SideBySide sides={data.sides} units={units} />}
        <CoolingTable sides={data.sides} units={units} />
        <CoolingBySpeed sides={data.sides} units={units} />
        <Corners sides={data.sides} units={units} />
        {data.blocking && <Blocking blocking={data.blocking} units={units} />}
        <StopTable side={side} letter={letter} units={units} />
      </Strip>
    </>
  );
}

function Pads({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  return (
    <section>
      <Heading note="shares of the brake energy, by the temperature each stop began at">
        The front pads
      </Heading>
      {sides.map((s, i) => (
        <p key={s.configurationId} className="mb-1.5 text-[14px]">
          <MarkLabel letter={letterOf(i)} />{' '}
          {s.window?.inside.value === undefined ? (
            `${s.window?.inside.reason ?? 'no window is known of these pads; enter it in the garage'}.`
          ) : (
            <>
              <b className="font-[650]">{s.window.words}</b> {number(100 * (s.window.below.value ?? 0), 0)} %
              below it, {number(100 * s.window.inside.value, 0)} % inside,{' '}
              {number(100 * (s.window.above.value ?? 0), 0)} % above; the hottest peak was{' '}
              {number(Math.abs(span(s.window.marginC.value ?? 0, units.temperature)), 0)}{' '}
              {units.temperature.unit} {(s.window.marginC.value ?? 0) < 0 ? 'over' : 'under'} its top.{' '}
              {told(s.window.asksFor, units)}
            </>
          )}
        </p>
      ))}
    </section>
  );
}

function Look({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const remarks = sides.flatMap((s, i) => s.study.remarks.map((r) => ({ r, i })));
  return (
    <section>
      <Heading>Worth a look</Heading>
      {remarks.length === 0 ? (
        <p className="text-[14px]">
          Discs of one axle agree, and no rise is further than 40 % from what the layout predicts.
        </p>
      ) : (
        <ul className="grid gap-1.5 text-[14px]">
          {remarks.map(({ r, i }) => (
            <li key={`${i}${r}`}>
              <MarkLabel letter={letterOf(i)} /> {told(r, units)}
            </li>
          ))}
        </ul>
      )}
      {sides.map((s, i) => {
        const { measuredFront, measuredU, layoutFront } = s.study.share;
        return (
          <p key={s.configurationId} className="mt-1.5 text-[14px]">
            <MarkLabel letter={letterOf(i)} /> Front share of the heat:{' '}
            {measuredFront.value === undefined
              ? `not known, ${measuredFront.reason ?? ''}`
              : `${number(100 * measuredFront.value, 1)} ± ${number(200 * (measuredU.value ?? 0), 1)} % measured`}
            {layoutFront.value !== undefined && `, ${number(100 * layoutFront.value, 1)} % by the layout`}.
          </p>
        );
      })}
    </section>
  );
}

/** Cooling is judged by what it does to the discs, with what it does to the stops beside it. */
function SideBySide({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const t = units.temperature;
  return (
    <section className="overflow-x-auto">
      <Heading note="ducts, sprays and blockers are judged by these, not by looks; hold them at like speed, energy and gaps">
        Side by side
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>front cooling, s</Th>
            <Th numeric>last start, front, {t.unit}</Th>
            <Th numeric>hottest, front, {t.unit}</Th>
            <Th numeric>stops</Th>
            <Th numeric>mean stop ± 95 %, {units.distance.unit}</Th>
          </tr>
        </thead>
        <tbody>
          {sides.map((s, i) => {
            const cooling = s.cooling.FRONT_LEFT ?? s.cooling.FRONT_RIGHT;
            const corner = s.study.corners.FRONT_LEFT ?? s.study.corners.FRONT_RIGHT;
            return (
              <tr key={s.configurationId}>
                <Td>
                  <MarkLabel letter={letterOf(i)} /> {s.name}
                </Td>
                <Td numeric>{cooling?.tauS.value === undefined ? '–' : number(cooling.tauS.value, 0)}</Td>
                <Td numeric>{figure(corner?.lastTroughC, t)}</Td>
                <Td numeric>{figure(corner?.hottestC, t)}</Td>
                <Td numeric>{s.stopping.n}</Td>
                <Td numeric>
                  <b className="font-[650]">{figure(s.stopping.meanM, units.distance, 1)}</b>{' '}
                  <span className="text-ink-3">± {figure(s.stopping.halfWidthM, units.distance, 1)}</span>
                </Td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </section>
  );
}

/** Fronts only: a disc cools faster the faster it is driven through the air. */
function CoolingBySpeed({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const at = [0, 50, 100, 150].map((kmh) => kmh / 3.6);
  if (sides.every((s) => Object.keys(s.cooling).length === 0)) return null;
  return (
    <section>
      <Heading note="time constant of the front discs, by 1/τ = c0 + c1·v^0.8 through cool-downs at different speeds; extrapolated where none was driven">
        Cooling by speed
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            {at.map((v) => (
              <Th numeric key={v}>
                {v === 0 ? 'standing' : `${number(units.speed.of(v), 0)} ${units.speed.unit}`}, s
              </Th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sides.map((s, i) => (
            <tr key={s.configurationId}>
              <Td>
                <MarkLabel letter={letterOf(i)} />
              </Td>
              {s.c0.value === undefined || s.c1.value === undefined ? (
                <Td colSpan={at.length} className="text-ink-3">
                  not computed: {s.c0.reason ?? s.c1.reason}
                </Td>
              ) : (
                at.map((v) => {
                  const perS = (s.c0.value ?? 0) + (s.c1.value ?? 0) * v ** 0.8;
                  return (
                    <Td numeric key={v}>
                      {perS > 0 ? number(1 / perS, 0) : 'not from these'}
                    </Td>
                  );
                })
              )}
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}

function CoolingTable({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const rows = sides.flatMap((s, i) =>
    WHEEL_NAMES.flatMap(([wheel, name]) => {
      const c = s.cooling[wheel];
      return c ? [{ key: `${s.configurationId}${wheel}`, letter: letterOf(i), name, c }] : [];
    }),
  );
  if (rows.length === 0) return null;
  return (
    <section>
      <Heading note="time in which a disc loses 63 % of its heat above the air, fitted to the cool-downs between stops">
        Cooling
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>disc</Th>
            <Th numeric>time constant, s</Th>
            <Th numeric>95 % range, s</Th>
            <Th numeric>cool-downs</Th>
            <Th numeric>left over, {units.temperature.unit}</Th>
            <Th numeric>mean speed, {units.speed.unit}</Th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, letter, name, c }) => (
            <tr key={key}>
              <Td>
                <MarkLabel letter={letter} /> {name}
              </Td>
              {c.tauS.value === undefined ? (
                <Td colSpan={5} className="text-ink-3">
                  not computed: {c.whyNone}
                </Td>
              ) : (
                <>
                  <Td numeric className="font-[650]">
                    {number(c.tauS.value, 0)}
                  </Td>
                  <Td numeric>
                    {number(c.lowS.value ?? 0, 0)} to {number(c.highS.value ?? 0, 0)}
                  </Td>
                  <Td numeric>{c.n}</Td>
                  <Td numeric>{number(span(c.rmsC.value ?? 0, units.temperature), 1)}</Td>
                  <Td numeric>{figure(c.meanMps, units.speed, 0)}</Td>
                </>
              )}
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}

function Corners({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const t = units.temperature;
  const rise = (v: number | undefined) => (v === undefined ? '–' : number(span(v, t), 0));
  return (
    <section>
      <Heading note="over all stops that count">Disc by disc</Heading>
      <Table>
        <thead>
          <tr>
            <Th>disc</Th>
            <Th numeric>stops</Th>
            <Th numeric>hottest, {t.unit}</Th>
            <Th numeric>mean rise, {t.unit}</Th>
            <Th numeric>predicted, {t.unit}</Th>
            <Th numeric>measured over predicted</Th>
          </tr>
        </thead>
        <tbody>
          {sides.flatMap((s, i) =>
            WHEEL_NAMES.flatMap(([wheel, name]) => {
              const c = s.study.corners[wheel];
              return c
                ? [
                    <tr key={`${s.configurationId}${wheel}`}>
                      <Td>
                        <MarkLabel letter={letterOf(i)} /> {name}
                      </Td>
                      <Td numeric>{c.n}</Td>
                      <Td numeric className="font-[650]">
                        {figure(c.hottestC, t)}
                      </Td>
                      <Td numeric>{rise(c.meanRiseC.value)}</Td>
                      <Td numeric>{rise(c.predictedRiseC.value)}</Td>
                      <Td numeric>{c.ratio.value === undefined ? '–' : number(c.ratio.value, 2)}</Td>
                    </tr>,
                  ]
                : [];
            }),
          )}
        </tbody>
      </Table>
    </section>
  );
}

function Blocking({ blocking, units }: { blocking: NonNullable<Heat['blocking']>; units: UnitTable }) {
  const [query, setQuery] = useSearchParams();
  const t = units.temperature;
  const per = (v: number | undefined) => number(span(v ?? 0, t), 2);
  return (
    <section className="grid max-w-2xl gap-2 text-[14px]">
      <Heading note="a straight line through the last stops of each opening">The duct</Heading>
      <p>
        Each % more opening changes the trough by {per(blocking.troughPer.value)} {t.unit} (
        {per(blocking.troughLow.value)} to {per(blocking.troughHigh.value)}) and the peak by{' '}
        {per(blocking.peakPer.value)} {t.unit} ({per(blocking.peakLow.value)} to{' '}
        {per(blocking.peakHigh.value)}
        ).
      </p>
      <Field
        label={`Trough that is wanted, °C`}
        help={
          blocking.openingFor === null
            ? 'Gives the opening for it.'
            : blocking.openingFor.value === undefined
              ? `Not computed: ${blocking.openingFor.reason ?? ''}.`
              : `Leave ${number(blocking.openingFor.value, 0)} % of the duct open.`
        }
      >
        <Input
          inputMode="decimal"
          defaultValue={query.get('trough') ?? ''}
          onBlur={(e) => {
            const next = new URLSearchParams(query);
            if (e.target.value && Number.isFinite(Number(e.target.value))) next.set('trough', e.target.value);
            else next.delete('trough');
            setQuery(next, { replace: true });
          }}
        />
      </Field>
    </section>
  );
}

function StopTable({ side, letter, units }: { side: HeatSide; letter: string; units: UnitTable }) {
  const t = units.temperature;
  return (
    <section className="overflow-x-auto">
      <Heading note={`start to peak, ${t.unit}; “by hand” is carried back to the peak, with its ±`}>
        {letter}, stop by stop
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>stop</Th>
            <Th numeric>energy, kJ</Th>
            {WHEEL_NAMES.map(([w, n]) => (
              <Th key={w} numeric>
                {n}
              </Th>
            ))}
          </tr>
        </thead>
        <tbody>
          {side.study.stops.map((s, i) => (
            <tr key={i}>
              <Td>{s.number}</Td>
              <Td numeric>{s.energyJ.value === undefined ? '–' : number(s.energyJ.value / 1000, 0)}</Td>
              {WHEEL_NAMES.map(([w]) => {
                const d = s.discs[w];
                return (
                  <Td key={w} numeric>
                    {d ? (
                      <>
                        {figure(d.troughC, t)} to <b className="font-[650]">{figure(d.peakC, t)}</b>
                        {d.byHand && (
                          <span className="text-ink-3">
                            {' '}
                            ± {number(2 * span(d.peakU.value ?? 0, t), 0)} by hand
                          </span>
                        )}
                      </>
                    ) : (
                      '–'
                    )}
                  </Td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}
