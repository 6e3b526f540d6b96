import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { HeatSide, Wheel } from '../../api/types';
import { colour, letterOf, type Letter } from '../../charts/letters';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, span, type UnitTable } from '../../units/units';
import { useDiscs } from '../../reader/discs';

const HEIGHT = 96;
const LEFT = 40;
/** A picture is not stretched until the noise of a good fit fills it, °C. */
const LEAST_C = 3;

type Fitted = { key: string; letter: Letter; wheel: Wheel; name: string; left: Left };
type Left = NonNullable<HeatSide['cooling'][Wheel]>['left'];

/** Does one time constant tell the whole story? What the fits leave over, by the age of the cool-down. */
export function Residuals({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const named = useDiscs();
  const fitted = sides.flatMap((s, i) =>
    named.flatMap(([wheel, name]): Fitted[] => {
      const left = s.cooling[wheel]?.left ?? [];
      return left.length < 2
        ? []
        : [{ key: `${s.configurationId}${wheel}`, letter: letterOf(i), wheel, name, left }];
    }),
  );
  if (fitted.length === 0) return null;
  const most = Math.max(LEAST_C, ...fitted.flatMap((f) => f.left.flatMap((r) => [r.highestC, -r.lowestC])));
  return (
    <div className="mt-3">
      <p className="mb-2 max-w-[85ch] text-[14px] text-ink-2">
        <b className="font-[650] text-ink">Left over by the fits</b>, in {units.temperature.unit}: the median
        over all cool-downs, and how far they reach. A line that stays near zero says that one time constant
        will do; one that is bent like a bow says that the disc cools faster at first than later, or that the
        speed changed.
      </p>
      <div className="grid gap-x-6 gap-y-3 md:grid-cols-2 xl:grid-cols-4">
        {fitted.map((f) => (
          <One key={f.key} fitted={f} mostC={most} units={units} />
        ))}
      </div>
    </div>
  );
}

function One({ fitted, mostC, units }: { fitted: Fitted; mostC: number; units: UnitTable }) {
  const { letter, name, left } = fitted;
  const { ref, width } = useWidth<HTMLDivElement>(280, 200);
  const t = units.temperature;
  const most = span(mostC, t);
  const until = (left.at(-1)?.ageS ?? 0) + 5;
  const x = scaleLinear([0, until], [LEFT, width - 4]);
  const y = scaleLinear([-most, most], [HEIGHT, 4]);
  const yOf = (c: number) => y(span(c, t));
  const worst = Math.max(...left.map((r) => Math.abs(r.medianC)));
  const c = (v: number) => number(span(v, t), 1);
  return (
    <div ref={ref} className="min-w-0">
      <p className="text-[13px] font-[600]">
        {letter} {name}
      </p>
      <Picture
        name={`${letter} ${name}: left over at most ${c(worst)} ${t.unit} in the median`}
        width={width}
        height={HEIGHT + 30}
        values={{
          head: ['age, s', `median, ${t.unit}`, 'lowest', 'highest', 'cool-downs'],
          rows: left.map((r) => [number(r.ageS, 0), c(r.medianC), c(r.lowestC), c(r.highestC), r.n]),
        }}
      >
        <rect x={LEFT} y={4} width={width - 4 - LEFT} height={HEIGHT - 4} fill="var(--slab)" />
        {y.ticks(3).map((v) => (
          <g key={v}>
            <line
              x1={LEFT}
              x2={width - 4}
              y1={y(v)}
              y2={y(v)}
              stroke={v === 0 ? 'var(--ink)' : 'var(--joint)'}
            />
            <text className="axis" x={LEFT - 6} y={y(v) + 4} textAnchor="end">
              {number(v, Number.isInteger(v) ? 0 : 1)}
            </text>
          </g>
        ))}
        <path
          d={
            area<Left[number]>(
              (r) => x(r.ageS),
              (r) => yOf(r.lowestC),
              (r) => yOf(r.highestC),
            )(left) ?? undefined
          }
          fill={colour(letter)}
          fillOpacity={0.16}
        />
        <path
          d={
            line<Left[number]>(
              (r) => x(r.ageS),
              (r) => yOf(r.medianC),
            )(left) ?? undefined
          }
          fill="none"
          stroke={colour(letter)}
          strokeWidth={2}
        />
        <Tape x={x} from={0} to={until} y={HEIGHT + 2} unit="s" mostLong={4} />
      </Picture>
    </div>
  );
}
