import { useQueries } from '@tanstack/react-query';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { trace } from '../../api/queries';
import type { StopView } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';
import { type Bite, biteOf } from './bite';

const HEIGHT = 170;
const LEFT = 40;

/** Does it slow less at the same pressure? Reference stops thin, the last ones thick. */
export function BitePicture(props: {
  testId: string;
  early: StopView[];
  late: StopView[];
  letter: Letter;
  units: UnitTable;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { letter, units } = props;
  const early = useBites(props.testId, props.early);
  const late = useBites(props.testId, props.late);
  const all = [...early, ...late].flat();
  if (all.length === 0) return <div ref={ref} />;
  const [p, d] = [units.pressure, units.deceleration];
  const mostBar = Math.max(...all.map((b) => b.bar));
  const x = scaleLinear([0, p.of(mostBar)], [LEFT, width - 8]);
  const y = scaleLinear([0, d.of(Math.max(...all.map((b) => b.mps2))) * 1.1], [HEIGHT, 8]);
  const path = (bites: Bite[]) =>
    line<Bite>(
      (b) => x(p.of(b.bar)),
      (b) => y(d.of(b.mps2)),
    )(bites) ?? undefined;
  const at = (some: Bite[][], bar: number) => {
    const own = some.flatMap((s) => s.filter((b) => b.bar === bar).map((b) => d.of(b.mps2)));
    return own.length === 0 ? '–' : number(own.reduce((a, b) => a + b, 0) / own.length, 1);
  };
  const bars = [...new Set(all.map((b) => b.bar))].sort((a, b) => a - b);
  const common = bars.findLast((b) => at(early, b) !== '–' && at(late, b) !== '–');
  return (
    <div ref={ref}>
      <Picture
        name={
          common === undefined
            ? `${letter}: deceleration over pressure; the groups have no pressure in common`
            : `${letter}: at ${number(p.of(common), 0)} ${p.unit} it slowed by ${at(early, common)} ${d.unit} in the reference stops, ${at(late, common)} in the last`
        }
        width={width}
        height={HEIGHT + 34}
        values={{
          head: [`pressure, ${p.unit}`, `reference, ${d.unit}`, `last three, ${d.unit}`],
          rows: bars.map((b) => [number(p.of(b), 0), at(early, b), at(late, b)]),
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
          deceleration, {d.unit}
        </text>
        {early.map((b, i) => (
          <path key={i} d={path(b)} fill="none" stroke={colour(letter)} strokeWidth={1} opacity={0.5} />
        ))}
        {late.map((b, i) => (
          <path key={i} d={path(b)} fill="none" stroke={colour(letter)} strokeWidth={2.6} />
        ))}
        <Tape x={x} from={0} to={p.of(mostBar)} y={HEIGHT + 2} unit={p.unit} mostLong={6} />
      </Picture>
    </div>
  );
}

function useBites(testId: string, stops: StopView[]): Bite[][] {
  const answers = useQueries({ queries: stops.filter((s) => s.measured).map((s) => trace(testId, s.id)) });
  return answers.flatMap((a) => (a.data ? [biteOf(a.data)] : []));
}
