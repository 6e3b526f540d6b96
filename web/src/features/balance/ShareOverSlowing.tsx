import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { Balance, BalanceStop } from '../../api/types';
import { colour, letterOf, type Letter } from '../../charts/letters';
import { MarkAt } from '../../charts/Mark';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';
import { hardest, idealAs, shareAs, type Of } from './share';

const HEIGHT = 330;
const LEFT = 46;
const ARROW_EVERY_S = 0.5;

type Props = { data: Balance; of: Of; load: 'LADEN' | 'LIGHT'; units: UnitTable };

/** Each stop as a path from its onset to rest, beside the share that would use both axles alike. */
export function ShareOverSlowing({ data, of, load, units }: Props) {
  const { ref, width } = useWidth<HTMLDivElement>(720);
  const a = units.deceleration;
  const most = a.of(Math.max(12, hardest(data.sides)));
  const x = scaleLinear([0, most], [LEFT, width - 10]);
  const at = (slowing: number) => x(a.of(slowing));
  const as = shareAs(of, data.forceRatio.value);
  const found = data.ideals.find((i) => i.load === load);
  const ideal = idealAs(of, found);
  const low = lowest([
    ...ideal.map((p) => p.share),
    ...data.sides.flatMap((s) => s.stops.flatMap((b) => b.share.path.map((p) => as(p.share)))),
  ]);
  const y = scaleLinear([low, 1], [HEIGHT, 10]);
  const what = of === 'pressure' ? 'line pressure' : 'brake force';
  const name = `Front share of ${what} over deceleration, each stop a path, ${ideal.length > 0 ? 'beside the ideal' : 'without the ideal, which is not known'}`;
  return (
    <div ref={ref}>
      <Picture name={name} width={width} height={HEIGHT + 34} values={valuesOf(data, as, units)}>
        <rect x={LEFT} y={8} width={width - LEFT - 6} height={HEIGHT - 8} fill="var(--slab)" />
        {y.ticks(6).map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={width - 6} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 8} y={y(v) + 4} textAnchor="end">
              {number(100 * v, 0)}
            </text>
          </g>
        ))}
        <text className="axis" x={LEFT + 8} y={24}>
          front share of {what}, %
        </text>
        {data.sides.map((s, i) =>
          s.stops.map((stop) => (
            <Path key={stop.stopId} stop={stop} letter={letterOf(i)} at={at} y={(p) => y(as(p))} />
          )),
        )}
        <Ideal
          points={ideal.map((p) => ({
            x: at(p.slowing),
            y: y(Math.min(1, p.share)),
            high: y(Math.min(1, p.share + p.half)),
            low: y(p.share - p.half),
          }))}
        />
        <Tape x={x} from={0} to={most} y={HEIGHT + 4} unit={a.unit} mostLong={10} />
      </Picture>
      {ideal.some((p) => p.half > 0) && (
        <p className="text-[13.5px] text-ink-3">
          The band is what the ± of the vehicle’s own figures leaves open, 95 of 100.
        </p>
      )}
      {ideal.length === 0 && (
        <p className="text-[14px] text-caution">
          The ideal is not drawn: {found?.reason || data.forceRatio.reason || 'it is not known'}.
        </p>
      )}
    </div>
  );
}

/** The tenth below all of them, and no higher than 40 %. */
const lowest = (shares: number[]) => Math.max(0, Math.floor(10 * Math.min(0.4, ...shares)) / 10);

type Bounded = { x: number; y: number; high: number; low: number };

/** The ideal, in the range that the vehicle's own figures leave it. */
function Ideal({ points }: { points: Bounded[] }) {
  const last = points.at(-1);
  if (!last) return null;
  const path = line<Bounded>(
    (p) => p.x,
    (p) => p.y,
  )(points);
  const range = area<Bounded>()
    .x((p) => p.x)
    .y0((p) => p.low)
    .y1((p) => p.high)(points);
  return (
    <g>
      <path d={range ?? undefined} fill="var(--ink)" fillOpacity={0.12} />
      <path d={path ?? undefined} fill="none" stroke="var(--ink)" strokeWidth={2} />
      <text className="note" x={last.x - 4} y={last.high - 12} textAnchor="end">
        above: the front locks first
      </text>
      <text className="note" x={last.x - 4} y={HEIGHT - 14} textAnchor="end">
        below: the REAR locks first
      </text>
    </g>
  );
}

/** One stop; an arrow every half second, its mark at the plateau’s mean. */
function Path(props: {
  stop: BalanceStop;
  letter: Letter;
  at: (slowing: number) => number;
  y: (pressure: number) => number;
}) {
  const { stop, letter, at, y } = props;
  const path = stop.share.path;
  const d = line<(typeof path)[number]>(
    (p) => at(p.decelerationMps2),
    (p) => y(p.share),
  )(path);
  const mean = stop.share.mean.value;
  const slowing = stop.decelerationMps2.value;
  const arrows = path.flatMap((p, i) => {
    const next = path[i + 1];
    const due = next && Math.floor(next.atS / ARROW_EVERY_S) > Math.floor(p.atS / ARROW_EVERY_S);
    return due ? [{ from: p, to: next }] : [];
  });
  return (
    <g stroke={colour(letter)} fill="none" strokeWidth={1.6} strokeOpacity={0.75}>
      <path d={d ?? undefined} />
      {arrows.map(({ from, to }) => {
        const angle =
          (Math.atan2(y(to.share) - y(from.share), at(to.decelerationMps2) - at(from.decelerationMps2)) *
            180) /
          Math.PI;
        return (
          <path
            key={to.atS}
            d="M-6 -3.5 0 0 -6 3.5"
            transform={`translate(${at(to.decelerationMps2)} ${y(to.share)}) rotate(${angle})`}
          />
        );
      })}
      {mean !== undefined && slowing !== undefined && <MarkAt letter={letter} x={at(slowing)} y={y(mean)} />}
    </g>
  );
}

function valuesOf(data: Balance, as: (pressure: number) => number, units: UnitTable) {
  const percent = (v: number | undefined) => (v === undefined ? '–' : number(100 * as(v), 1));
  return {
    head: ['stop', `deceleration, ${units.deceleration.unit}`, 'front share, %'],
    rows: data.sides.flatMap((s, i) =>
      s.stops.map((b) => [
        `${letterOf(i)}, stop ${b.number}`,
        b.decelerationMps2.value === undefined
          ? '–'
          : number(units.deceleration.of(b.decelerationMps2.value), 2),
        percent(b.share.mean.value),
      ]),
    ),
  };
}
