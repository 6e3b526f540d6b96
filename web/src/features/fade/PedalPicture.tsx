import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { StopView } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';

const HEIGHT = 170;
const LEFT = 40;

/** Did the pedal go further at the same pressure? Reference stops thin, the last ones thick. */
export function PedalPicture(props: {
  early: StopView[];
  late: StopView[];
  letter: Letter;
  units: UnitTable;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { early, late, letter, units } = props;
  const curves = [...early, ...late].flatMap((s) => (s.measured ? [s.measured.pedal] : []));
  const bars = curves.flatMap((c) => c.bar);
  const travels = curves.flatMap((c) => c.travelM.map((m) => 1000 * m));
  if (bars.length === 0) return null;
  const p = units.pressure;
  const x = scaleLinear([0, p.of(Math.max(...bars))], [LEFT, width - 8]);
  const most = Math.max(...travels) * 1.1;
  const y = scaleLinear([0, most], [HEIGHT, 8]);
  const path = (s: StopView) =>
    line<number>(
      (_, i) => x(p.of(s.measured?.pedal.bar[i] ?? 0)),
      (m) => y(1000 * m),
    )(s.measured?.pedal.travelM ?? []) ?? undefined;
  const at = (some: StopView[], bar: number) => {
    const values = some.flatMap((s) => {
      const i = s.measured?.pedal.bar.indexOf(bar) ?? -1;
      const m = s.measured?.pedal.travelM[i];
      return m === undefined ? [] : [1000 * m];
    });
    return values.length === 0 ? '–' : number(values.reduce((a, b) => a + b, 0) / values.length, 0);
  };
  return (
    <div ref={ref}>
      <Picture
        name={`${letter}: pedal travel at 30 bar ${at(early, 30)} mm in the reference stops, ${at(late, 30)} mm in the last`}
        width={width}
        height={HEIGHT + 34}
        values={{
          head: [`pressure, ${p.unit}`, 'reference, mm', 'last three, mm'],
          rows: [10, 20, 30, 40, 50].map((b) => [number(p.of(b), 0), at(early, b), at(late, b)]),
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
          pedal travel, mm
        </text>
        {early.map((s) => (
          <path key={s.id} d={path(s)} fill="none" stroke={colour(letter)} strokeWidth={1} opacity={0.5} />
        ))}
        {late.map((s) => (
          <path key={s.id} d={path(s)} fill="none" stroke={colour(letter)} strokeWidth={2.6} />
        ))}
        <Tape x={x} from={0} to={p.of(Math.max(...bars))} y={HEIGHT + 2} unit={p.unit} mostLong={6} />
      </Picture>
    </div>
  );
}
