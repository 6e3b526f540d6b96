import { scaleLinear } from 'd3-scale';
import type { Forecast, Stretch } from '../../api/types';
import { colour, letterOf, textColour } from '../../charts/letters';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';
import { hoursMinutes } from './clock';
import { DayHeat } from './DayHeat';

const LEFT = 46;
const BLOCKS = 44;
const HEAT = 120;
const TOP = 22;

const WORDS: Record<Stretch['kind'], string> = {
  SWAP: 'change parts',
  BEDDING: 'bed in',
  WAIT: 'wait',
  RUN: '',
  COOL_DOWN: 'cool down',
  OBSERVATION: 'look',
  INSPECTION: 'inspect',
  TREATMENT: 'put on',
};

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
  const base = TOP + BLOCKS + 14;
  const foot = base + (known.length > 0 ? HEAT : 0);
  const frame = { left: LEFT, right: width - 12, top: base, height: HEAT };
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
        height={foot + 34}
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
        {parts.map((p, i) => (
          <Block key={i} part={p} at={at} />
        ))}
        {known.length > 0 && (
          <DayHeat forecast={forecast} ambientC={props.ambientC} at={at} frame={frame} units={units} />
        )}
        <line
          x1={at(slotS)}
          x2={at(slotS)}
          y1={6}
          y2={foot}
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
        <Tape x={x} from={0} to={end} y={foot + 4} unit="min" first="min from the start" />
      </Picture>
    </div>
  );
}

/** One stretch of the day: what is done, of which configuration, and how long it takes. */
function Block({ part: p, at }: { part: Stretch; at: (s: number) => number }) {
  const wide = at(p.toS) - at(p.fromS);
  const letter = letterOf(p.configuration);
  const run = p.kind === 'RUN';
  return (
    <g>
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
}
