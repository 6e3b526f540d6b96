import { number, type UnitTable } from '../../units/units';
import { TOP, type LaneMark } from './layout';

/** A line of names under the tape for each mark. */
export const MARK_LINE = 17;
/** About so wide is a letter of a name. */
const LETTER_PX = 6.2;

/** Where others say that a car stops: in ink, through the whole lane, named under it; measured otherwise, so beside no row. */
export function Marks(props: {
  marks: LaneMark[];
  at: (metres: number) => number;
  /** From the top of the lane to where the names begin. */
  bottom: number;
  names: number;
  width: number;
  units: UnitTable;
  /** Names stand on the slab there, and a line through it would strike them out. */
  narrow: boolean;
}) {
  const { marks, at, bottom, names, width, units, narrow } = props;
  return marks.map((mark, i) => {
    const x = at(mark.metres);
    const text = `${mark.label}, ${number(units.distance.of(mark.metres), units.distance.decimals)} ${units.distance.unit}`;
    const before = x + text.length * LETTER_PX > width;
    const y = names + MARK_LINE * i;
    return (
      <g key={mark.id}>
        <line
          x1={x}
          x2={x}
          y1={narrow ? bottom - 12 : TOP - 4}
          y2={bottom}
          stroke="var(--ink)"
          strokeWidth={1.4}
        />
        <line
          x1={x}
          x2={x}
          y1={bottom}
          y2={y + 4}
          stroke="var(--ink)"
          strokeWidth={0.8}
          strokeDasharray="1.5 3"
        />
        <path d={`M${x - 5} ${TOP - 8}h10l-5 8z`} fill="var(--ink)" />
        <text
          className="axis"
          x={before ? x - 6 : x + 6}
          y={y + 4}
          textAnchor={before ? 'end' : 'start'}
          fill="var(--ink)"
        >
          {text}
        </text>
      </g>
    );
  });
}
