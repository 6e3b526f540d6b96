import { scaleLinear } from 'd3-scale';
import type { UnitTable } from '../../units/units';
import { colour } from '../letters';
import { Picture } from '../Picture';
import { step } from '../tape';
import { Tape } from '../Tape';
import { useWidth } from '../useWidth';
import { Gap } from './Gap';
import { Ghost } from './Ghost';
import {
  INSET,
  NARROW,
  NARROW_ROW,
  TOP,
  WIDE_ROW,
  type Car,
  type LaneMark,
  type LaneRow,
  type Stopped,
} from './layout';
import { Marks, MARK_LINE } from './Marks';
import { Row } from './Row';
import { SpeedMarks } from './SpeedMarks';
import { carriedWords, sentence, tableOf } from './words';

/** A name beside the strokes must leave them room: about so wide a letter, up to this share of the lane. */
const NAME_PX = 7.5;
const NAME_SHARE = 0.45;

/** Where did the car stop, and how far apart are the configurations? Seen from above, to scale, always from 0. */
export function Lane(props: {
  rows: LaneRow[];
  car: Car;
  units: UnitTable;
  onChoose: (stop: Stopped) => void;
  asTable: boolean;
  /** What others gave. */
  marks?: LaneMark[];
}) {
  const { ref, width } = useWidth<HTMLDivElement>(1216);
  const { units } = props;
  const longestName = Math.max(...props.rows.map((r) => r.side.configuration.length));
  const narrow = width < NARROW || longestName * NAME_PX > width * NAME_SHARE;
  const ROW = narrow ? NARROW_ROW : WIDE_ROW;
  const baseline = props.rows[0];
  if (!baseline) return null;
  const toUnit = units.distance.of;
  const marks = props.marks ?? [];
  const longest = Math.max(
    ...props.rows.flatMap((r) => r.side.stops.map((s) => toUnit(s.value))),
    ...marks.map((m) => toUnit(m.metres)),
  );
  const grid = step(longest, 12);
  const end = Math.ceil(longest / grid + 0.05) * grid;
  const x = scaleLinear([0, end], [INSET, width - INSET]);
  const at = (metres: number) => x(toUnit(metres));
  const height = TOP + ROW * props.rows.length;
  return (
    <div ref={ref}>
      <Picture
        name={sentence(props.rows, marks, units)}
        width={width}
        height={height + 32 + MARK_LINE * marks.length}
        values={tableOf(props.rows, marks, units)}
        asTable={props.asTable}
        interactive
      >
        <Slab
          width={width}
          height={height}
          rowHeight={ROW}
          rows={props.rows.length}
          start={x(0)}
          joints={Array.from({ length: Math.round(end / grid) - 1 }, (_, i) => x((i + 1) * grid))}
        />
        <SpeedMarks row={baseline} at={at} units={units} narrow={narrow} />
        {props.rows.map((r, i) => (
          <Row
            narrow={narrow}
            key={r.letter}
            row={r}
            y={TOP + i * ROW}
            at={at}
            units={units}
            onChoose={props.onChoose}
          />
        ))}
        <MeanLine baseline={baseline} rows={props.rows.length} at={at} from={TOP + ROW - 1} to={height + 2} />
        {props.rows.slice(1).map((r, i) => (
          <Gap
            key={r.letter}
            rowHeight={ROW}
            end={width - 2}
            narrow={narrow}
            row={r}
            baseline={baseline}
            y={TOP + (i + 1) * ROW}
            at={at}
            units={units}
          />
        ))}
        {!narrow && <Ghost rows={props.rows} car={props.car} at={at} units={units} />}
        <Marks
          narrow={narrow}
          marks={marks}
          at={at}
          bottom={height + 2}
          names={height + 42}
          width={width}
          units={units}
        />
        <Tape
          x={x}
          from={0}
          to={end}
          y={height + 4}
          unit={units.distance.unit}
          mostLong={narrow ? 5 : 12}
          first={`${units.distance.unit} from brake point`}
        />
      </Picture>
      {narrow && <p className="mt-1 text-sm">{carriedWords(props.rows, units)}</p>}
    </div>
  );
}

/** The lane itself, with its joints, its rows and the line where braking begins. */
function Slab(props: {
  width: number;
  height: number;
  rowHeight: number;
  rows: number;
  start: number;
  joints: number[];
}) {
  const { width, height } = props;
  return (
    <>
      <rect x={0} y={TOP} width={width} height={height - TOP} fill="var(--slab)" />
      {props.joints.map((joint) => (
        <line
          key={joint}
          x1={joint}
          x2={joint}
          y1={TOP}
          y2={height}
          stroke="var(--joint)"
          strokeWidth={1.5}
        />
      ))}
      {Array.from({ length: props.rows - 1 }, (_, i) => TOP + props.rowHeight * (i + 1)).map((y) => (
        <line key={y} x1={0} x2={width} y1={y} y2={y} stroke="var(--sheet)" strokeWidth={3} />
      ))}
      <rect x={props.start - 3} y={TOP - 6} width={6} height={height - TOP + 12} fill="var(--ink)" />
    </>
  );
}

/** Where the baseline stopped on average, drawn through all that stand below it. */
function MeanLine(props: {
  baseline: LaneRow;
  rows: number;
  at: (metres: number) => number;
  from: number;
  to: number;
}) {
  const mean = props.baseline.side.mean.value;
  if (mean === undefined || props.rows < 2) return null;
  const x = props.at(mean);
  return (
    <line
      x1={x}
      x2={x}
      y1={props.from}
      y2={props.to}
      stroke={colour(props.baseline.letter)}
      strokeWidth={1.8}
      strokeDasharray="5 4"
    />
  );
}
