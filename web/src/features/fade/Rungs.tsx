import { colour, textColour, type Letter } from '../../charts/letters';
import { number } from '../../units/units';
import type { Rung } from './measured';

type Scale = (v: number) => number;

/** One rung per stop, as wide as its slot; the tyres' own are dashed, floors and no values. */
export function Rungs(props: {
  rungs: Rung[];
  reference: number | undefined;
  letter: Letter;
  x: Scale;
  y: Scale;
}) {
  const { rungs, reference, letter, x, y } = props;
  const last = rungs.at(-1);
  return (
    <g stroke={colour(letter)} fill="none">
      {reference !== undefined && last && (
        <line
          x1={x(0)}
          x2={x(last.at + 1)}
          y1={y(reference)}
          y2={y(reference)}
          strokeWidth={1}
          strokeDasharray="5 4"
        />
      )}
      {rungs.map((r, i) => {
        const next = rungs[i + 1];
        return (
          <g key={r.at}>
            {r.plusMinus > 0 && (
              <rect
                x={x(r.at) + 3}
                width={Math.max(1, x(1) - x(0) - 6)}
                y={y(r.value + r.plusMinus)}
                height={Math.max(1, y(r.value - r.plusMinus) - y(r.value + r.plusMinus))}
                fill={colour(letter)}
                fillOpacity={0.16}
                stroke="none"
              />
            )}
            <line
              x1={x(r.at)}
              x2={x(r.at + 1)}
              y1={y(r.value)}
              y2={y(r.value)}
              strokeWidth={r.gripLimited ? 2 : 4}
              strokeDasharray={r.gripLimited ? '4 3' : undefined}
            />
            {next?.at === r.at + 1 && (
              <line x1={x(r.at + 1)} x2={x(r.at + 1)} y1={y(r.value)} y2={y(next.value)} strokeWidth={1.2} />
            )}
          </g>
        );
      })}
    </g>
  );
}

/** The last figure of a side, over the rungs of all. */
export function LastFigure(props: {
  rungs: Rung[];
  letter: Letter;
  x: Scale;
  y: Scale;
  unit: string;
  decimals: number;
  /** Where the picture ends, px. */
  foot: number;
  /** Where it stands: under or over its rungs where one or two are drawn, else at a height of its own. */
  below: boolean | number;
}) {
  const { rungs, letter, x, y } = props;
  const last = rungs.at(-1);
  if (!last) return null;
  // The figure is as wide as a rung or two, so it keeps clear of the last three.
  const beside = rungs.slice(-3).map((r) => y(r.value));
  const under = Math.max(...beside) + 20;
  const own = props.below && under < props.foot ? under : Math.min(...beside) - 9;
  return (
    <text
      className="label"
      x={x(last.at + 1) - 6}
      y={typeof props.below === 'number' ? props.below : own}
      textAnchor="end"
      paintOrder="stroke"
      style={{ fill: textColour(letter), stroke: 'var(--slab)', strokeWidth: 4 }}
    >
      {letter} {number(last.value, props.decimals)} {props.unit}
    </text>
  );
}
