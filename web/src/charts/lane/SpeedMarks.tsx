import { type UnitTable } from '../../units/units';
import { colour } from '../letters';
import { TOP, type LaneRow } from './layout';

/** How fast the baseline still is along the lane. */
export function SpeedMarks({
  row,
  at,
  units,
  narrow,
}: {
  row: LaneRow;
  at: (m: number) => number;
  units: UnitTable;
  narrow: boolean;
}) {
  const along = row.side.speedAlong;
  const first = along[0];
  if (!first || along.length < 2) return null;
  const top = units.speed.of(first[1] ?? 0);
  const every = (top > 60 ? 10 : 5) * (narrow ? 2 : 1);
  const marks: [number, number][] = [];
  for (let v = Math.ceil(top / every) * every - every; v >= every; v -= every) {
    const i = along.findIndex((p) => units.speed.of(p[1] ?? 0) <= v);
    const a = along[i - 1];
    const b = along[i];
    if (a && b) {
      const [va, vb] = [units.speed.of(a[1] ?? 0), units.speed.of(b[1] ?? 0)];
      marks.push([v, (a[0] ?? 0) + (((b[0] ?? 0) - (a[0] ?? 0)) * (va - v)) / (va - vb || 1)]);
    }
  }
  return (
    <g aria-hidden>
      <text className="axis" x={at(0) + 8} y={TOP - 7}>
        {narrow ? `left in ${row.letter}, ` : `speed left in ${row.letter}, `}
        {units.speed.unit}
      </text>
      {marks
        .filter(([, m]) => at(m) > at(0) + 120)
        .map(([v, m]) => (
          <g key={v}>
            <line x1={at(m)} x2={at(m)} y1={TOP - 5} y2={TOP} stroke={colour(row.letter)} strokeWidth={1.5} />
            <text className="axis" x={at(m)} y={TOP - 8} textAnchor="middle">
              {v}
            </text>
          </g>
        ))}
    </g>
  );
}
