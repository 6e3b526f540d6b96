import type { MeasuredStop } from '../../api/types';
import { figure, number, twice, type UnitTable } from '../../units/units';
import { yOf, type Pane, type Scale, type XAxis } from './layout';

/** Plateau bracket with its mean, and how long pressure took to build up. */
export function PlateauNotes(props: {
  stop: MeasuredStop;
  pane: Pane | undefined;
  traceZeroS: number;
  axis: XAxis;
  x: Scale;
  units: UnitTable;
  onset: number;
}) {
  const { stop, pane, x, units } = props;
  const [start, end, build] = [stop.plateauStartS.value, stop.plateauEndS.value, stop.buildUp.value];
  if (!pane || props.axis !== 'time' || start === undefined || end === undefined) return null;
  const top = pane.y + 12;
  const [a, b] = [x(start - props.traceZeroS), x(end - props.traceZeroS)];
  const middle = (a + b) / 2;
  const low = yOf(pane)(pane.low + (pane.high - pane.low) * 0.13);
  return (
    <g aria-hidden>
      <path d={`M${a} ${top + 6}V${top}H${b}V${top + 6}`} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
      <rect x={middle - 80} y={top - 9} width={160} height={18} fill="var(--slab)" />
      <text className="label" x={middle} y={top + 4.5} textAnchor="middle">
        plateau {figure(stop.mfdd, units.deceleration)} ±{' '}
        {figure(twice(stop.uncertainty.mfdd), units.deceleration)} {units.deceleration.unit}
      </text>
      {build !== undefined && (
        <g>
          <path
            d={`M${x(props.onset)} ${low}H${x(props.onset + build)}M${x(props.onset + build)} ${low - 6}v12`}
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          <text x={x(props.onset + build) + 8} y={low + 5} className="label">
            {number(build, 2)} s<tspan className="soft"> build-up</tspan>
          </text>
        </g>
      )}
    </g>
  );
}
