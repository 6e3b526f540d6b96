import { scaleLinear } from 'd3-scale';
import type { Forecast, Stretch } from '../../api/types';
import { colour, letterOf, textColour } from '../../charts/letters';
import { Picture } from '../../charts/Picture';
import { step } from '../../charts/tape';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';
import { hoursMinutes } from './clock';

const LEFT = 46;
const BLOCKS = 44;
const HEAT = 120;
const TOP = 22;
/** Room for the heading above the hottest peak. */
const HEADING = 24;

const WORDS: Record<Stretch['kind'], string> = {
  SWAP: 'change parts',
  BEDDING: 'bed in',
  WAIT: 'wait',
  RUN: '',
  COOL_DOWN: 'cool down',
  OBSERVATION: 'look',
  INSPECTION: 'inspect',
};

type Swing = { startC: number; endC: number };

/** Does the day fit its slot, and how hot does it get? Stretches of the day over the predicted heat of the discs. */
export function DayLine(props: { forecast: Forecast; slotS: number; ambientC: number; units: UnitTable }) {
  const { ref, width } = useWidth<HTMLDivElement>(1200);
  const { units, slotS, forecast } = props;
  const { items } = forecast.forecast.clock;
  const parts = forecast.stretches;
  const end = Math.max(forecast.endS, slotS) / 60;
  const x = scaleLinear([0, end], [LEFT, width - 12]);
  const at = (s: number) => x(s / 60);
  const t = units.temperature;
  const known = items.filter((i) => i.peakC.value !== undefined);
  const hottest = Math.max(...known.map((i) => t.of(i.peakC.value ?? 0)), t.of(100));
  const base = TOP + BLOCKS + 14;
  const y = scaleLinear([t.of(0), hottest * 1.08], [base + HEAT, base + HEADING]);
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
  const rear = path(forecast.forecast.rear);
  const every = step(hottest, 3);
  const marks = Array.from({ length: Math.floor(hottest / every) }, (_, i) => (i + 1) * every);
  const over = forecast.endS > slotS;
  return (
    <div ref={ref}>
      <Picture
        name={`The day takes ${hoursMinutes(forecast.endS)} of ${hoursMinutes(slotS)} booked${
          forecast.hottestC.value === undefined
            ? ''
            : `; a front disc reaches ${number(t.of(forecast.hottestC.value), 0)} ${t.unit}`
        }`}
        width={width}
        height={base + (known.length > 0 ? HEAT : 0) + 34}
        values={{
          head: ['what', 'from, min', 'to, min', 'runs'],
          rows: parts.map((p) => [
            `${letterOf(p.configuration)} ${WORDS[p.kind] || p.phase}`,
            number(p.fromS / 60, 0),
            number(p.toS / 60, 0),
            p.runs || '–',
          ]),
        }}
      >
        {parts.map((p, i) => {
          const wide = at(p.toS) - at(p.fromS);
          const letter = letterOf(p.configuration);
          const run = p.kind === 'RUN';
          return (
            <g key={i}>
              <rect
                x={at(p.fromS)}
                y={TOP}
                width={Math.max(1, wide - 1.5)}
                height={BLOCKS}
                fill={run ? colour(letter) : 'var(--band)'}
                style={run ? { fillOpacity: 'var(--band-a)' } : undefined}
                stroke={run ? colour(letter) : 'none'}
              />
              {wide > 18 && wide <= 64 && run && (
                <text
                  className="note"
                  x={at(p.fromS) + wide / 2}
                  y={TOP + 26}
                  textAnchor="middle"
                  style={{ fill: textColour(letter), fontWeight: 750 }}
                >
                  {letter}
                </text>
              )}
              {wide > 64 && (
                <>
                  <text className="note" x={at(p.fromS) + 6} y={TOP + 18}>
                    <tspan style={{ fill: textColour(letter), fontWeight: 750 }}>{letter}</tspan>
                    <tspan dx={5}>{WORDS[p.kind] || p.phase}</tspan>
                  </text>
                  <text className="axis" x={at(p.fromS) + 6} y={TOP + 35}>
                    {p.runs > 0 ? `${p.runs} runs, ` : ''}
                    {number((p.toS - p.fromS) / 60, 0)} min
                  </text>
                </>
              )}
            </g>
          );
        })}
        {known.length > 0 && (
          <g>
            <rect x={LEFT} y={base} width={width - LEFT - 12} height={HEAT} fill="var(--slab)" />
            {marks.map((v) => (
              <g key={v}>
                <line x1={LEFT} x2={width - 12} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
                <text className="axis" x={LEFT - 8} y={y(v) + 4} textAnchor="end">
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
            <text className="label" x={LEFT + 8} y={base + 17}>
              Front disc{rear ? ', rear dashed,' : ','} predicted
              <tspan className="soft" dx={6}>
                {t.unit}
              </tspan>
            </text>
          </g>
        )}
        <line
          x1={at(slotS)}
          x2={at(slotS)}
          y1={6}
          y2={base + (known.length > 0 ? HEAT : 0)}
          stroke={over ? 'var(--block)' : 'var(--ink)'}
          strokeWidth={3}
        />
        <text
          className="label"
          x={at(slotS) - 6}
          y={14}
          textAnchor="end"
          style={over ? { fill: 'var(--block)' } : {}}
        >
          end of the slot
        </text>
        <Tape
          x={x}
          from={0}
          to={end}
          y={base + (known.length > 0 ? HEAT : 0) + 4}
          unit="min"
          first="min from the start"
        />
      </Picture>
    </div>
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
