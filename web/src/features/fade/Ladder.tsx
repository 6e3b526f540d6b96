import { scaleLinear } from 'd3-scale';
import type { FadeLevel, FadeSide } from '../../api/types';
import { colour, letterOf, textColour, type Letter } from '../../charts/letters';
import { MarkAt } from '../../charts/Mark';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';

const HEIGHT = 230;
const LEFT = 46;
const GAP = 56;
const RIGHT_SHARE = 0.38;

type Known = { level: FadeLevel; value: number; at: number };

const known = (side: FadeSide): Known[] =>
  side.study.levels.flatMap((level, at) =>
    level.level.value === undefined ? [] : [{ level, value: level.level.value, at }],
  );

/** Does it fade, and from when? Stop by stop on the left, over the discs' temperature on the right. */
export function Ladder({ sides, units }: { sides: FadeSide[]; units: UnitTable }) {
  const { ref, width } = useWidth<HTMLDivElement>(1180);
  const narrow = width < 760;
  const leftWidth = narrow ? width - LEFT : (width - LEFT - GAP) * (1 - RIGHT_SHARE);
  const all = sides.flatMap(known);
  const low = Math.min(0.9, ...all.map((k) => k.value - 2 * (k.level.levelU.value ?? 0))) - 0.02;
  const high = Math.max(1.05, ...all.map((k) => k.value + 2 * (k.level.levelU.value ?? 0))) + 0.02;
  const y = scaleLinear([low, high], [HEIGHT, 6]);
  const stops = Math.max(1, ...sides.map((s) => s.study.levels.length));
  const x = scaleLinear([0, stops], [LEFT, LEFT + leftWidth]);
  const t = units.temperature;
  const heats = all.flatMap((k) => (k.level.discC.value === undefined ? [] : [t.of(k.level.discC.value)]));
  const from = Math.min(t.of(60), ...heats) - 10;
  const to = Math.max(t.of(200), ...heats) + 10;
  const rightFrom = narrow ? LEFT : LEFT + leftWidth + GAP;
  const right = scaleLinear([from, to], [rightFrom, width - 8]);
  const rightTop = narrow ? HEIGHT + 58 : 0;
  const percents = y.ticks(5);
  return (
    <div ref={ref}>
      <Picture
        name={`${sides
          .map(
            (s, i) =>
              `${letterOf(i)}: ${known(s)
                .map((k) => `${number(100 * k.value, 0)} %`)
                .join(', ')}`,
          )
          .join('; ')}, in % of the reference stops, in the order driven`}
        width={width}
        height={HEIGHT + 34 + (narrow ? HEIGHT + 58 : 0)}
        values={{
          head: ['stop', ...sides.flatMap((_, i) => [`${letterOf(i)}, %`, `${letterOf(i)}, disc ${t.unit}`])],
          rows: Array.from({ length: stops }, (_, n) => [
            n + 1,
            ...sides.flatMap((s) => {
              const l = s.study.levels[n];
              return [
                l?.level.value === undefined ? '–' : number(100 * l.level.value, 1),
                l?.discC.value === undefined ? '–' : number(t.of(l.discC.value), 0),
              ];
            }),
          ]),
        }}
      >
        <rect x={LEFT} y={0} width={leftWidth} height={HEIGHT} fill="var(--slab)" />
        {percents.map((p) => (
          <g key={p}>
            <line x1={LEFT} x2={LEFT + leftWidth} y1={y(p)} y2={y(p)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 6} y={y(p) + 4} textAnchor="end">
              {number(100 * p, 0)}
              {p === percents.at(-1) ? ' %' : ''}
            </text>
          </g>
        ))}
        {Array.from({ length: stops }, (_, n) => (
          <text key={n} className="axis" x={x(n + 0.5)} y={HEIGHT + 18} textAnchor="middle">
            {stops <= 20 || (n + 1) % 5 === 0 ? n + 1 : ''}
          </text>
        ))}
        <text className="axis" x={LEFT - 6} y={HEIGHT + 18} textAnchor="end">
          stop
        </text>
        {sides.map((s, i) => (
          <Rungs
            key={s.configurationId}
            points={known(s)}
            letter={letterOf(i)}
            x={x}
            y={y}
            below={i % 2 === 0}
          />
        ))}
        <g transform={`translate(0 ${rightTop})`}>
          <rect x={rightFrom} y={0} width={width - 8 - rightFrom} height={HEIGHT} fill="var(--slab)" />
          {percents.map((p) => (
            <line key={p} x1={rightFrom} x2={width - 8} y1={y(p)} y2={y(p)} stroke="var(--joint)" />
          ))}
          {sides.map((s, i) => (
            <OverHeat
              key={s.configurationId}
              side={s}
              letter={letterOf(i)}
              x={(c) => right(t.of(c))}
              y={y}
              to={to}
              units={units}
            />
          ))}
          <Tape x={right} from={from} to={to} y={HEIGHT + 2} unit={t.unit} mostLong={6} />
        </g>
      </Picture>
    </div>
  );
}

type Scale = (v: number) => number;

/** One rung per stop, as wide as its slot; the tyres' own are dashed, floors and no values. */
function Rungs(props: {
  points: Known[];
  letter: Letter;
  x: Scale;
  y: Scale;
  /** Where the last figure stands, so that two do not cover each other. */
  below: boolean;
}) {
  const { points, letter, x, y } = props;
  const last = points.at(-1);
  return (
    <g stroke={colour(letter)} fill="none">
      {points.map((k, i) => {
        const u = 2 * (k.level.levelU.value ?? 0);
        const next = points[i + 1];
        return (
          <g key={k.at}>
            {u > 0 && (
              <rect
                x={x(k.at) + 3}
                width={x(1) - x(0) - 6}
                y={y(k.value + u)}
                height={Math.max(1, y(k.value - u) - y(k.value + u))}
                fill={colour(letter)}
                fillOpacity={0.16}
                stroke="none"
              />
            )}
            <line
              x1={x(k.at)}
              x2={x(k.at + 1)}
              y1={y(k.value)}
              y2={y(k.value)}
              strokeWidth={k.level.gripLimited ? 2 : 4}
              strokeDasharray={k.level.gripLimited ? '4 3' : undefined}
            />
            {next?.at === k.at + 1 && (
              <line x1={x(k.at + 1)} x2={x(k.at + 1)} y1={y(k.value)} y2={y(next.value)} strokeWidth={1.2} />
            )}
          </g>
        );
      })}
      {last && (
        <text
          className="label"
          x={x(last.at + 1) - 6}
          y={y(last.value) + (props.below ? 20 : -9)}
          textAnchor="end"
          stroke="none"
          style={{ fill: textColour(letter) }}
        >
          {letter} {number(100 * last.value, 0)} %
        </text>
      )}
    </g>
  );
}

/** Marks over temperature, the fitted line, and where the loss begins. */
function OverHeat(props: {
  side: FadeSide;
  letter: Letter;
  x: Scale;
  y: Scale;
  to: number;
  units: UnitTable;
}) {
  const { side, letter, x, y, units } = props;
  const { onset } = side.study;
  const points = known(side).filter((k) => k.level.discC.value !== undefined);
  const hottest = onset.hottestC.value;
  const level = onset.level.value;
  const at = onset.onsetC.value;
  return (
    <g>
      {onset.accepted && at !== undefined && level !== undefined && hottest !== undefined && (
        <>
          <rect
            x={x(onset.lowC.value ?? at)}
            width={Math.max(2, x(onset.highC.value ?? at) - x(onset.lowC.value ?? at))}
            y={0}
            height={HEIGHT}
            fill="var(--band)"
          />
          <line x1={x(at)} x2={x(at)} y1={0} y2={HEIGHT} stroke="var(--ink)" strokeWidth={2} />
          <path
            d={`M${x(Math.min(...points.map((p) => p.level.discC.value ?? at)))} ${y(level)}H${x(at)}L${x(hottest)} ${y(level - (onset.perC.value ?? 0) * (hottest - at))}`}
            fill="none"
            stroke={colour(letter)}
            strokeWidth={1.4}
          />
          <text className="note" x={x(at) - 8} y={HEIGHT - 12} textAnchor="end">
            {letter} from {number(units.temperature.of(at), 0)} {units.temperature.unit}
          </text>
        </>
      )}
      {points.map((k) => (
        <MarkAt key={k.at} letter={letter} x={x(k.level.discC.value ?? 0)} y={y(k.value)} />
      ))}
    </g>
  );
}
