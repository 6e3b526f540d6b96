import { scaleLinear } from 'd3-scale';
import type { Forecast } from '../../api/types';
import { step } from '../../charts/tape';
import { number, type UnitTable } from '../../units/units';

/** Room for the heading above the hottest peak. */
const HEADING = 24;

type Frame = { left: number; right: number; top: number; height: number };
type Swing = { startC: number; endC: number };

/** The predicted heat of the discs, through the day. */
export function DayHeat(props: {
  forecast: Forecast;
  ambientC: number;
  at: (s: number) => number;
  frame: Frame;
  units: UnitTable;
}) {
  const { at, frame } = props;
  const { left, right, top, height } = frame;
  const t = props.units.temperature;
  const { items } = props.forecast.forecast.clock;
  const known = items.filter((i) => i.peakC.value !== undefined);
  const hottest = Math.max(...known.map((i) => t.of(i.peakC.value ?? 0)), t.of(100));
  const y = scaleLinear([t.of(0), hottest * 1.08], [top + height, top + HEADING]);
  const path = (swings: Swing[]) =>
    swings
      .flatMap(({ startC, endC }, k) => {
        const i = items[k];
        if (!i) return [];
        const [from, to] = [t.of(startC), t.of(endC)];
        return i.kind === 'RUN'
          ? [`${at(i.startS)} ${y(from)}`, `${at(i.startS) + 1} ${y(to)}`]
          : cooling(from, to, t.of(props.ambientC)).map(
              ([share, value]) => `${at(i.startS + share * i.durationS)} ${y(value)}`,
            );
      })
      .join('L');
  const front =
    known.length === items.length
      ? path(items.map((i) => ({ startC: i.startC.value ?? 0, endC: i.peakC.value ?? 0 })))
      : '';
  const rear = path(props.forecast.forecast.rear);
  const every = step(hottest, 3);
  const marks = Array.from({ length: Math.floor(hottest / every) }, (_, i) => (i + 1) * every);
  return (
    <g>
      <rect x={left} y={top} width={right - left} height={height} fill="var(--slab)" />
      {marks.map((v) => (
        <g key={v}>
          <line x1={left} x2={right} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
          <text className="axis" x={left - 8} y={y(v) + 4} textAnchor="end">
            {number(v, 0)}
          </text>
        </g>
      ))}
      <path
        d={front ? `M${front}` : undefined}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.5}
        strokeLinejoin="round"
      />
      <path
        d={rear ? `M${rear}` : undefined}
        fill="none"
        stroke="var(--ink-3)"
        strokeWidth={1.2}
        strokeDasharray="5 3"
        strokeLinejoin="round"
      />
      <text className="label" x={left + 8} y={top + 17}>
        Front disc{rear ? ', rear dashed,' : ','} predicted
        <tspan className="soft" dx={6}>
          {t.unit}
        </tspan>
      </text>
    </g>
  );
}

/** A disc's fall from one temperature to another as it is, steep at first: pairs of share of the time and value. */
function cooling(from: number, to: number, air: number): [number, number][] {
  const fall = Math.log((from - air) / (to - air));
  if (!Number.isFinite(fall))
    return [
      [0, from],
      [1, to],
    ];
  return Array.from({ length: 13 }, (_, k) => [k / 12, air + (from - air) * Math.exp((-fall * k) / 12)]);
}
