import type { Comparison } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import type { Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { figure } from '../../units/units';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';

/** The figures of each side. */
export function SeriesTable({ data, letter }: { data: Comparison; letter: (id: string) => Letter }) {
  const { units } = usePreferences();
  const shown = data.basis === 'TIME_ONLY' ? units.deceleration : units.distance;
  const more = shown.decimals + 1;
  return (
    <div className="mt-6 overflow-x-auto">
      <Heading note={`${shown.unit}, ± is the 95 % range of the mean`}>The series</Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>valid</Th>
            <Th numeric>struck out</Th>
            <Th numeric>to repeat</Th>
            <Th numeric>mean ±</Th>
            <Th numeric>SD</Th>
            <Th numeric>median</Th>
            <Th numeric>range</Th>
            <Th numeric>CV, %</Th>
          </tr>
        </thead>
        <tbody>
          {data.sides.map((s) => (
            <tr key={s.configurationId}>
              <Td className="whitespace-nowrap">
                <MarkLabel letter={letter(s.configurationId)} /> {s.configuration}
              </Td>
              <Td numeric>{s.n}</Td>
              <Td numeric>{s.struckOut}</Td>
              <Td numeric>{s.repeat}</Td>
              <Td numeric className="whitespace-nowrap">
                <b className="font-[650]">{figure(s.mean, shown)}</b>{' '}
                <span className="text-ink-3">± {figure(s.halfWidth95, shown)}</span>
              </Td>
              <Td numeric>{figure(s.sd, shown, more)}</Td>
              <Td numeric>{figure(s.median, shown)}</Td>
              <Td numeric>{figure(s.range, shown)}</Td>
              <Td numeric>{figure(s.cv, units.share)}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}
