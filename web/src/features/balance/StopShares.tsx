import { Link } from 'react-router';
import type { Balance } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, type UnitTable } from '../../units/units';

const percent = (v: number | undefined) => (v === undefined ? '–' : number(100 * v, 1));

/** Every stop with both pressures: how they were shared, and what locked. */
export function StopShares({ testId, data, units }: { testId: string; data: Balance; units: UnitTable }) {
  const turned = data.adjuster !== null;
  return (
    <div className="overflow-x-auto">
      <Table aria-label="Shares stop by stop">
        <thead>
          <tr>
            <Th>stop</Th>
            <Th numeric>deceleration, {units.deceleration.unit}</Th>
            {turned && <Th numeric>adjuster, turns</Th>}
            <Th numeric>front share of line pressure, %</Th>
            <Th numeric>through the plateau, %</Th>
            <Th>locked first</Th>
          </tr>
        </thead>
        <tbody>
          {data.sides.flatMap((s, i) =>
            s.stops.map((b) => (
              <tr key={b.stopId}>
                <Td>
                  <MarkLabel letter={letterOf(i)} />{' '}
                  <Link className="underline" to={`/tests/${testId}/stops?stop=${b.stopId}`}>
                    stop {b.number}
                  </Link>
                  {b.load === 'LIGHT' && ', light'}
                </Td>
                <Td numeric>{figure(b.decelerationMps2, units.deceleration)}</Td>
                {turned && <Td numeric>{b.turns ?? '–'}</Td>}
                <Td numeric className="font-[650]">
                  {percent(b.share.mean.value)}
                </Td>
                <Td numeric>
                  {percent(b.share.low.value)} to {percent(b.share.high.value)}
                </Td>
                <Td>{b.locked ? lockWords(b.locked) : 'none'}</Td>
              </tr>
            )),
          )}
        </tbody>
      </Table>
    </div>
  );
}

function lockWords(lock: NonNullable<Balance['sides'][number]['stops'][number]['locked']>): string {
  const axle = lock.first === 'REAR' ? 'REAR' : 'front';
  return lock.marginS.value === undefined
    ? `${axle}, the other not at all`
    : `${axle}, by ${number(lock.marginS.value, 2)} s`;
}
