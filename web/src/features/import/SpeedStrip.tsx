import { scaleLinear } from 'd3-scale';
import { line as d3line } from 'd3-shape';
import type { MeasuredStop } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { figure, number } from '../../units/units';

const HEIGHT = 110;

/** The whole log at a glance: its speed, and where the stops were found. */
export function SpeedStrip({
  speed,
  durationS,
  stops,
}: {
  speed: number[][];
  durationS: number;
  stops: MeasuredStop[];
}) {
  const { units } = usePreferences();
  const { ref, width } = useWidth<HTMLDivElement>(800);
  const x = scaleLinear([0, durationS], [0, width]);
  const top = Math.max(1, ...speed.map((p) => p[1] ?? 0));
  const y = scaleLinear([0, top * 1.1], [HEIGHT, 14]);
  const path = d3line<number[]>(
    (p) => x(p[0] ?? 0),
    (p) => y(p[1] ?? 0),
  )(speed);
  return (
    <div ref={ref}>
      <Picture
        name={`The log's speed over ${number(durationS, 0)} s, with ${stops.length} stops and snubs found`}
        width={width}
        height={HEIGHT + 30}
        values={{
          head: ['stop', 'onset, s', `entry, ${units.speed.unit}`],
          rows: stops.map((s, i) => [i + 1, number(s.onsetS, 2), figure(s.entrySpeed, units.speed)]),
        }}
      >
        <rect width={width} height={HEIGHT} fill="var(--slab)" />
        {stops.map((s, i) => (
          <g key={s.onsetS}>
            <rect
              x={x(s.onsetS)}
              width={Math.max(2, x(s.endS) - x(s.onsetS))}
              y={0}
              height={HEIGHT}
              fill="var(--band)"
            />
            <text className="axis" x={x(s.onsetS)} y={11}>
              {i + 1}
            </text>
          </g>
        ))}
        <path d={path ?? undefined} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
        <Tape x={x} from={0} to={durationS} y={HEIGHT} unit="s" mostLong={10} />
      </Picture>
    </div>
  );
}
