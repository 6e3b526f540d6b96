import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Outlook } from '../../api/types';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';

const HEIGHT = 240;
const LEFT = 46;
const LOW = 0.4;
const HIGH = 1;

type Point = Outlook['ideal'][number];

/** Is there too much brake in front or in the rear? The share as built against the ideal one, deceleration by deceleration. */
export function SharePicture(props: { points: Point[]; share: number; units: UnitTable }) {
  const { ref, width } = useWidth<HTMLDivElement>(620);
  const { points, share, units } = props;
  const a = units.deceleration;
  const last = a.of(points.at(-1)?.decelerationMps2 ?? 12);
  const x = scaleLinear([0, last], [LEFT, width - 12]);
  const y = scaleLinear([LOW, HIGH], [HEIGHT, 14]);
  const shown = points.filter((p) => p.share <= HIGH);
  const path = line<Point>(
    (p) => x(a.of(p.decelerationMps2)),
    (p) => y(p.share),
  )(shown);
  const crossing = points.find((p) => p.share >= share);
  const at = (p: Point | undefined) => y(p?.share ?? LOW);
  return (
    <div ref={ref}>
      <Picture
        name={
          crossing
            ? `Front share as built ${number(100 * share, 1)} %; it is the ideal one at ${number(a.of(crossing.decelerationMps2), 1)} ${a.unit}, and beyond that the rear locks first`
            : `Front share as built ${number(100 * share, 1)} %, above the ideal one at every deceleration: the front locks first`
        }
        width={width}
        height={HEIGHT + 34}
        values={{
          head: [`deceleration, ${a.unit}`, 'ideal front share, %'],
          rows: points.map((p) => [number(a.of(p.decelerationMps2), 1), number(100 * p.share, 1)]),
        }}
      >
        <rect x={LEFT} y={8} width={width - LEFT - 6} height={HEIGHT - 8} fill="var(--slab)" />
        {[0.5, 0.6, 0.7, 0.8, 0.9].map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={width - 6} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 8} y={y(v) + 4} textAnchor="end">
              {number(100 * v, 0)}
            </text>
          </g>
        ))}
        <text className="axis" x={LEFT + 8} y={24}>
          front share of brake force, %
        </text>
        <path d={path ?? undefined} fill="none" stroke="var(--ink)" strokeWidth={2.2} />
        <text className="note" x={width - 14} y={at(shown.at(-1)) - 12} textAnchor="end">
          ideal; a share below it locks the rear first
        </text>
        <line
          x1={LEFT}
          x2={width - 6}
          y1={y(share)}
          y2={y(share)}
          stroke="var(--ink)"
          strokeWidth={1.6}
          strokeDasharray="9 4"
        />
        <text className="label" x={LEFT + 8} y={y(share) - 7}>
          as built {number(100 * share, 1)} %
        </text>
        <Tape x={x} from={0} to={last} y={HEIGHT + 4} unit={a.unit} mostLong={8} />
      </Picture>
    </div>
  );
}
