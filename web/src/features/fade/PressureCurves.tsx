import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { PressureCurve } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, span, type Shown, type UnitTable } from '../../units/units';
import { isReadable, runs } from './curves';

const HEIGHT = 170;
const LEFT = 40;
const EARLY = { strokeWidth: 1, opacity: 0.5 };
const LATE = { strokeWidth: 2.6 };
/** Points further apart than this were not driven through slowly enough to be joined, bar. */
const JOINED_BAR = 12;

/** Something over line pressure: reference stops thin, the last ones thick, means with their spread in the table. */
export function PressureCurves(props: {
  /** What is drawn, such as "pedal travel". */
  what: string;
  shown: Shown;
  early: PressureCurve;
  late: PressureCurve;
  letter: Letter;
  units: UnitTable;
}) {
  const { ref, width } = useWidth<HTMLDivElement & HTMLParagraphElement>(420);
  const { what, shown, early, late, letter, units } = props;
  const stops = [...early.stops, ...late.stops];
  const all = stops.flat();
  if (all.length === 0) return <div ref={ref} />;
  const p = units.pressure;
  const mostBar = Math.max(...all.map((b) => b.bar));
  const x = scaleLinear([0, p.of(mostBar)], [LEFT, width - 8]);
  const y = scaleLinear([0, shown.of(Math.max(...all.map((b) => b.value))) * 1.1], [HEIGHT, 8]);
  const path = line<(typeof all)[number]>(
    (b) => x(p.of(b.bar)),
    (b) => y(shown.of(b.value)),
  );
  const at = (curve: PressureCurve, bar: number) => curve.at.find((a) => a.bar === bar);
  const told = (curve: PressureCurve, bar: number) => {
    const own = at(curve, bar);
    if (own?.mean.value === undefined) return '–';
    const spread =
      own.sd.value === undefined ? '' : ` ± ${number(span(own.sd.value, shown), shown.decimals)}`;
    return `${number(shown.of(own.mean.value), shown.decimals)}${spread}`;
  };
  const bars = [...new Set(all.map((b) => b.bar))].sort((a, b) => a - b);
  const common = bars.findLast((b) => at(early, b) && at(late, b));
  if (!isReadable(stops, JOINED_BAR)) {
    return (
      <p ref={ref} className="max-w-[70ch] text-[14px] text-ink-2">
        <MarkLabel letter={letter} /> No curve to draw: these stops went through too little of their pressure
        slowly enough.
        {common !== undefined &&
          ` At ${number(p.of(common), 0)} ${p.unit} ${what} was ${told(early, common)} ${shown.unit} in the reference stops, ${told(late, common)} in the last.`}
      </p>
    );
  }
  return (
    <div ref={ref}>
      <Picture
        name={
          common === undefined
            ? `${letter}: ${what} over pressure; the groups have no pressure in common`
            : `${letter}: ${what} at ${number(p.of(common), 0)} ${p.unit} ${told(early, common)} ${shown.unit} in the reference stops, ${told(late, common)} in the last`
        }
        width={width}
        height={HEIGHT + 34}
        values={{
          head: [`pressure, ${p.unit}`, `reference ± SD, ${shown.unit}`, `last three ± SD, ${shown.unit}`],
          rows: bars.map((b) => [number(p.of(b), 0), told(early, b), told(late, b)]),
        }}
      >
        <rect x={LEFT} y={4} width={width - LEFT - 8} height={HEIGHT - 4} fill="var(--slab)" />
        {y.ticks(4).map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={width - 8} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 6} y={y(v) + 4} textAnchor="end">
              {number(v, 0)}
            </text>
          </g>
        ))}
        <text className="axis" x={LEFT + 6} y={20}>
          {what}, {shown.unit}
        </text>
        {stops.flatMap((stop, i) =>
          runs(stop, JOINED_BAR).map((run, k) => (
            <path
              key={`${i} ${k}`}
              d={path(run) ?? undefined}
              fill="none"
              stroke={colour(letter)}
              strokeLinecap="round"
              {...(i < early.stops.length ? EARLY : LATE)}
            />
          )),
        )}
        <Tape x={x} from={0} to={p.of(mostBar)} y={HEIGHT + 2} unit={p.unit} mostLong={6} />
      </Picture>
    </div>
  );
}
