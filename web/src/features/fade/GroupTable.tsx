import type { FadeGroup, FadeSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, type UnitTable } from '../../units/units';

/** Groups of stops of every side, first to last or phase by phase. */
export function GroupTable(props: {
  title: string;
  note: string;
  sides: FadeSide[];
  groups: (side: FadeSide) => FadeGroup[];
  units: UnitTable;
}) {
  const { units } = props;
  if (props.sides.every((s) => props.groups(s).length === 0)) return null;
  return (
    <section>
      <Heading note={props.note}>{props.title}</Heading>
      <Table>
        <thead>
          <tr>
            <Th>group</Th>
            <Th numeric>stops</Th>
            <Th numeric>of the reference, %</Th>
            <Th numeric>lowest to highest, %</Th>
            <Th numeric>deceleration, {units.deceleration.unit}</Th>
            <Th numeric>distance, {units.distance.unit}</Th>
            <Th numeric>began at, {units.temperature.unit}</Th>
          </tr>
        </thead>
        <tbody>
          {props.sides.flatMap((s, i) =>
            props.groups(s).map((g) => (
              <tr key={`${s.configurationId}${g.name}`}>
                <Td>
                  <MarkLabel letter={letterOf(i)} /> {g.name}
                </Td>
                <Td numeric>{g.n}</Td>
                <Td numeric className="font-[650]">
                  {percent(g.level.value)}
                </Td>
                <Td numeric>
                  {percent(g.lowest.value)} to {percent(g.highest.value)}
                </Td>
                <Td numeric>{figure(g.mfdd, units.deceleration)}</Td>
                <Td numeric>{figure(g.distanceM, units.distance, 1)}</Td>
                <Td numeric>{figure(g.startC, units.temperature)}</Td>
              </tr>
            )),
          )}
        </tbody>
      </Table>
    </section>
  );
}

const percent = (x: number | undefined) => (x === undefined ? '–' : number(100 * x, 0));
