import { number, type UnitTable } from '../../units/units';
import { isShown, type LaneRow } from './layout';

/** About so wide is a letter of a note. */
const NOTE_PX = 6;

/** The distance between a candidate's mean and the baseline's, or why none is claimed. */
export function Gap(props: {
  row: LaneRow;
  baseline: LaneRow;
  y: number;
  at: (m: number) => number;
  units: UnitTable;
  rowHeight: number;
  /** Where the lane ends, px. */
  end: number;
  narrow: boolean;
}) {
  const { row, baseline, y, at, units, rowHeight: ROW } = props;
  const [a, b] = [baseline.side.mean.value, row.side.mean.value];
  if (a === undefined || b === undefined || !row.pair) return null;
  if (props.narrow) return null;
  const right = Math.max(at(a), at(b)) + 8;
  // Beside the stops that count; a struck-out stop far off must not push the words off the slab.
  const near = row.side.stops.filter((s) => s.status === 'COUNTS').map((s) => at(s.value) + 8);
  const furthest = Math.max(right, ...near);
  const difference = row.pair.difference.value;
  if (difference === undefined || !isShown(row.pair)) {
    const words = difference === undefined ? 'not compared' : `can’t tell from ${baseline.letter}`;
    // Where the lane leaves no room behind the stops, the words stand before them.
    const fits = furthest + NOTE_PX * words.length < props.end;
    const nearest = Math.min(...row.side.stops.map((s) => at(s.value))) - 12;
    return (
      <text
        className="note"
        x={fits ? furthest : nearest}
        y={y + ROW / 2 + 4}
        textAnchor={fits ? 'start' : 'end'}
      >
        {words}
      </text>
    );
  }
  const [l, r] = [Math.min(at(a), at(b)), Math.max(at(a), at(b))];
  const yy = y + ROW / 2 + 23;
  return (
    <g>
      <path
        d={`M${l + 3} ${yy}H${r - 1}M${l + 8} ${yy - 3.5}L${l + 3} ${yy}l5 3.5M${r - 6} ${yy - 3.5}L${r - 1} ${yy}l-5 3.5`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.3}
      />
      <text className="label" x={furthest} y={y + ROW / 2}>
        {number(Math.abs(units.distance.of(difference)), units.distance.decimals)} {units.distance.unit}
      </text>
      <text className="note" x={furthest} y={y + ROW / 2 + 16}>
        {difference < 0 ? 'shorter' : 'longer'}
      </text>
    </g>
  );
}
