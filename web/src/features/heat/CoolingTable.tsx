import type { HeatSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, span, type UnitTable } from '../../units/units';
import { useDiscs } from '../../reader/discs';

export function CoolingTable({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const named = useDiscs();
  const rows = sides.flatMap((s, i) =>
    named.flatMap(([wheel, name]) =>
      (
        [
          ['rolling', s.cooling[wheel]],
          ['standing', s.standing[wheel]],
        ] as const
      ).flatMap(([motion, c]) =>
        c ? [{ key: `${s.configurationId}${wheel}${motion}`, letter: letterOf(i), name, motion, c }] : [],
      ),
    ),
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
          {rows.map(({ key, letter, name, motion, c }) => (
            <tr key={key}>
              <Td>
                <MarkLabel letter={letter} /> {name}
                {motion === 'standing' && ', standing'}
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
