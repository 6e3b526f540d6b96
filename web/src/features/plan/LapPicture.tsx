import { scaleLinear } from 'd3-scale';
import type { LapHeat, LapHeatRequest, Quantity } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Picture } from '../../charts/Picture';
import { step } from '../../charts/tape';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number } from '../../units/units';

const HEIGHT = 200;
const LEFT = 46;
const STEPS = 16;

const seconds = (q: Quantity) => q.entered * (q.unit === 'MINUTES' ? 60 : 1);
const celsius = (q: Quantity) => (q.unit === 'FAHRENHEIT' ? (q.entered - 32) / 1.8 : q.entered);

/** How hot does the disc get, corner by corner, once the laps repeat themselves? */
export function LapPicture({ heat, lap }: { heat: LapHeat; lap: LapHeatRequest }) {
  const { ref, width } = useWidth<HTMLDivElement>(760);
  const { units } = usePreferences();
  const t = units.temperature;
  const events = heat.events.map((e, i) => {
    const gap = lap.brakings[i]?.gap;
    return { ...e, gapS: gap ? seconds(gap) : 0 };
  });
  const lapS = events.reduce((sum, e) => sum + e.gapS, 0);
  const hottest = Math.max(...events.map((e) => t.of(e.peakC)));
  const x = scaleLinear([0, lapS], [LEFT, width - 12]);
  const y = scaleLinear([t.of(0), hottest * 1.1], [HEIGHT, 14]);
  const every = step(hottest, 4);
  const marks = Array.from({ length: Math.floor(hottest / every) }, (_, i) => (i + 1) * every);
  const air = celsius(lap.ambient);
  const starts = events.map((_, i) => events.slice(0, i).reduce((sum, e) => sum + e.gapS, 0));
  const path = events
    .map((e, i) => {
      const next = events[(i + 1) % events.length]?.troughC ?? e.troughC;
      const fall = Math.log((e.peakC - air) / (next - air));
      const start = starts[i] ?? 0;
      const cooling = Array.from({ length: STEPS + 1 }, (_, k) => {
        const c = Number.isFinite(fall) ? air + (e.peakC - air) * Math.exp((-fall * k) / STEPS) : next;
        return `${x(start + (e.gapS * k) / STEPS)} ${y(t.of(c))}`;
      });
      return `${i === 0 ? 'M' : 'L'}${x(start)} ${y(t.of(e.troughC))}L${cooling.join('L')}`;
    })
    .join('');
  return (
    <div ref={ref}>
      <Picture
        name={`Once settled a disc swings between ${number(Math.min(...events.map((e) => t.of(e.troughC))), 0)} and ${number(hottest, 0)} ${t.unit} in a lap`}
        width={width}
        height={HEIGHT + 34}
        values={{
          head: ['braking', `before, ${t.unit}`, `after, ${t.unit}`],
          rows: events.map((e, i) => [i + 1, number(t.of(e.troughC), 0), number(t.of(e.peakC), 0)]),
        }}
      >
        <rect x={LEFT} y={8} width={width - LEFT - 6} height={HEIGHT - 8} fill="var(--slab)" />
        {marks.map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={width - 6} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 8} y={y(v) + 4} textAnchor="end">
              {number(v, 0)}
            </text>
          </g>
        ))}
        <path d={path} fill="none" stroke="var(--ink)" strokeWidth={2.2} strokeLinejoin="round" />
        <text className="axis" x={LEFT + 8} y={24}>
          one disc, {t.unit}
        </text>
        <Tape x={x} from={0} to={lapS} y={HEIGHT + 4} unit="s of a lap" mostLong={8} />
      </Picture>
    </div>
  );
}
