import { number, type UnitTable } from '../../units/units';
import { colour } from '../letters';
import { isShown, TOP, WIDE_ROW, type Car, type LaneRow } from './layout';

/** The longer car's outline where the shorter one has stopped, with the speed it still has. */
export function Ghost({
  rows,
  car,
  at,
  units,
}: {
  rows: LaneRow[];
  car: Car;
  at: (m: number) => number;
  units: UnitTable;
}) {
  const index = rows.findIndex((r) => isShown(r.pair));
  const candidate = rows[index];
  const baseline = rows[0];
  const carried = candidate?.pair?.speedStillCarried.value;
  const [a, b] = [baseline?.side.mean.value, candidate?.side.mean.value];
  if (!candidate || !baseline || carried === undefined || a === undefined || b === undefined) return null;
  const gain = b < a;
  const ROW = WIDE_ROW;
  const inRow = gain ? 0 : index;
  const letter = gain ? baseline.letter : candidate.letter;
  const other = gain ? candidate.letter : baseline.letter;
  const nose = at(Math.min(a, b));
  const length = at(car.lengthM) - at(0);
  const wide = Math.min(ROW - 12, (at(car.widthM) - at(0)) * 1);
  const centre = TOP + inRow * ROW + ROW / 2;
  const top = centre - wide / 2;
  const speed = `${number(units.speed.of(carried), 0)}`;
  return (
    <g aria-hidden>
      <path
        d={`M${nose - length + 6} ${top}H${nose - 22}C${nose - 8} ${top} ${nose} ${top + 7} ${nose} ${centre}S${nose - 8} ${top + wide} ${nose - 22} ${top + wide}H${nose - length + 6}Q${nose - length} ${top + wide} ${nose - length} ${top + wide - 6}V${top + 6}Q${nose - length} ${top} ${nose - length + 6} ${top}Z`}
        fill="var(--sheet)"
        stroke={colour(letter)}
        strokeWidth={1.6}
      />
      {length > 120 && (
        <path
          d={`M${nose - 30} ${top + 4}Q${nose - 23} ${centre} ${nose - 30} ${top + wide - 4}M${nose - length + 10} ${top + 5}Q${nose - length + 6} ${centre} ${nose - length + 10} ${top + wide - 5}`}
          fill="none"
          stroke={colour(letter)}
          strokeWidth={1.3}
        />
      )}
      <text x={nose - length / 2 - 8} y={centre + 6} textAnchor="middle">
        <tspan style={{ fontWeight: 750, fontSize: 19 }}>{speed}</tspan>
        <tspan dx={2} style={{ fontSize: 12 }}>
          {units.speed.unit}
        </tspan>
      </text>
      <text className="note" x={nose - length - 12} y={centre - 2} textAnchor="end">
        Where {other} has already stopped,
      </text>
      <text className="label" x={nose - length - 12} y={centre + 15} textAnchor="end">
        {letter} would still be doing {speed} {units.speed.unit}
      </text>
    </g>
  );
}
