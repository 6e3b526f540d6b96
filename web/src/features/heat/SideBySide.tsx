import type { HeatSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, said, type UnitTable } from '../../units/units';

/** Cooling is judged by what it does to the discs, with what it does to the stops beside it. */
export function SideBySide({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const t = units.temperature;
  const [first, ...others] = sides;
  return (
    <section className="overflow-x-auto">
      <Heading note="ducts, sprays and blockers are judged by these, not by looks; at like speed, energy and gaps">
        Side by side
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>front cooling, s</Th>
            <Th numeric>last start, front, {t.unit}</Th>
            <Th numeric>hottest, front, {t.unit}</Th>
            <Th numeric>energy, kJ</Th>
            <Th numeric>entry, {units.speed.unit}</Th>
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
                <Td numeric>
                  {s.stopping.energyJ.value === undefined ? '–' : number(s.stopping.energyJ.value / 1000, 0)}
                </Td>
                <Td numeric>{figure(s.stopping.entryMps, units.speed)}</Td>
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
      {first &&
        others.map((s, i) => {
          const unlike = s.unlikeFirst && said(s.unlikeFirst, units);
          return (
            <p key={s.configurationId} className="mt-1.5 max-w-[95ch] text-[14px]">
              <MarkLabel letter={letterOf(i + 1)} /> against A: {s.besideFirst && said(s.besideFirst, units)}
              {unlike && (
                <span className="block border-l-[3px] border-caution pl-2 text-ink-2">{unlike}</span>
              )}
            </p>
          );
        })}
    </section>
  );
}
