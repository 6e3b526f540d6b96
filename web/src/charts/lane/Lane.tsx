import { scaleLinear } from 'd3-scale';
import type { UnitTable } from '../../units/units';
import { colour } from '../letters';
import { Picture } from '../Picture';
import { step } from '../tape';
import { Tape } from '../Tape';
import { useWidth } from '../useWidth';
import { Gap } from './Gap';
import { Ghost } from './Ghost';
import { INSET, NARROW, NARROW_ROW, TOP, WIDE_ROW, type Car, type LaneRow, type Stopped } from './layout';
import { Row } from './Row';
import { SpeedMarks } from './SpeedMarks';
import { carriedWords, sentence, tableOf } from './words';

/** Where did the car stop, and how far apart are the configurations? Seen from above, to scale, always from 0. */
export function Lane(props: {
  rows: LaneRow[];
  car: Car;
  units: UnitTable;
  onChoose: (stop: Stopped) => void;
  asTable: boolean;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(1216);
  const { units } = props;
  const narrow = width < NARROW;
  const ROW = narrow ? NARROW_ROW : WIDE_ROW;
  const baseline = props.rows[0];
  if (!baseline) return null;
  const toUnit = units.distance.of;
  const longest = Math.max(...props.rows.flatMap((r) => r.side.stops.map((s) => toUnit(s.value))));
  const grid = step(longest, 12);
  const end = Math.ceil(longest / grid + 0.05) * grid;
  const x = scaleLinear([0, end], [INSET, width - INSET]);
  const at = (metres: number) => x(toUnit(metres));
  const height = TOP + ROW * props.rows.length;
  const mean = baseline.side.mean.value;
  return (
    <div ref={ref}>
      <Picture
        name={sentence(props.rows, units)}
        width={width}
        height={height + 32}
        values={tableOf(props.rows, units)}
        asTable={props.asTable}
        interactive
      >
        <rect x={0} y={TOP} width={width} height={height - TOP} fill="var(--slab)" />
        {Array.from({ length: Math.round(end / grid) - 1 }, (_, i) => (i + 1) * grid).map((d) => (
          <line key={d} x1={x(d)} x2={x(d)} y1={TOP} y2={height} stroke="var(--joint)" strokeWidth={1.5} />
        ))}
        {props.rows.slice(1).map((r, i) => (
          <line
            key={r.letter}
            x1={0}
            x2={width}
            y1={TOP + ROW * (i + 1)}
            y2={TOP + ROW * (i + 1)}
            stroke="var(--sheet)"
            strokeWidth={3}
          />
        ))}
        <rect x={x(0) - 3} y={TOP - 6} width={6} height={height - TOP + 12} fill="var(--ink)" />
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
        {mean !== undefined && props.rows.length > 1 && (
          <line
            x1={at(mean)}
            x2={at(mean)}
            y1={TOP + ROW - 1}
            y2={height + 2}
            stroke={colour(baseline.letter)}
            strokeWidth={1.8}
            strokeDasharray="5 4"
          />
        )}
        {props.rows.map(
          (r, i) =>
            i > 0 && (
              <Gap
                rowHeight={ROW}
                narrow={narrow}
                key={r.letter}
                row={r}
                baseline={baseline}
                y={TOP + i * ROW}
                at={at}
                units={units}
              />
            ),
        )}
        {!narrow && <Ghost rows={props.rows} car={props.car} at={at} units={units} />}
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
