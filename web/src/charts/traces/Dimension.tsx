import type { MeasuredStop } from '../../api/types';
import { figure, twice, type UnitTable } from '../../units/units';

/** The stop’s distance and time, as a draughtsman’s dimension line from onset to end. */
export function Dimension({
  from,
  to,
  stop,
  units,
}: {
  from: number;
  to: number;
  stop: MeasuredStop;
  units: UnitTable;
}) {
  const y = 18;
  const middle = from + (to - from) / 2;
  return (
    <g aria-hidden>
      <path
        d={`M${from + 6} ${y}H${to - 6}M${from + 13} ${y - 4}L${from + 6} ${y}l7 4M${to - 13} ${y - 4}L${to - 6} ${y}l-7 4`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.3}
      />
      <rect x={middle - 104} y={2} width={208} height={30} fill="var(--sheet)" />
      <text x={middle} y={24} textAnchor="middle">
        <tspan style={{ fontWeight: 720, fontSize: 18 }}>{figure(stop.distance, units.distance)}</tspan>
        <tspan className="soft" dx={5}>
          ± {figure(twice(stop.uncertainty.distance), units.distance)} {units.distance.unit} in{' '}
          {figure(stop.time, units.time)} s
        </tspan>
      </text>
    </g>
  );
}
