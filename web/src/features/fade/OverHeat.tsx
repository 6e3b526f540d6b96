import type { FadeSide } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { MarkAt } from '../../charts/Mark';
import { number, type UnitTable } from '../../units/units';
import type { Rung } from './measured';

type Scale = (v: number) => number;

/** A mark with its range for every stop whose discs are known, over their temperature. */
export function OverHeat(props: { rungs: Rung[]; letter: Letter; x: Scale; y: Scale }) {
  const { rungs, letter, x, y } = props;
  return (
    <g>
      {rungs.flatMap((r) =>
        r.discC === undefined
          ? []
          : [
              <g key={r.at}>
                {r.plusMinus > 0 && (
                  <line
                    x1={x(r.discC)}
                    x2={x(r.discC)}
                    y1={y(r.value - r.plusMinus)}
                    y2={y(r.value + r.plusMinus)}
                    stroke={colour(letter)}
                    strokeOpacity={0.4}
                  />
                )}
                <MarkAt letter={letter} x={x(r.discC)} y={y(r.value)} />
              </g>,
            ],
      )}
    </g>
  );
}

/** Where the loss begins, with its range, and the broken line that was fitted to the share. */
export function Onset(props: {
  side: FadeSide;
  letter: Letter;
  /** On which line from the foot its words stand. */
  row: number;
  x: Scale;
  /** Of a share of the reference, in %. */
  y: Scale;
  height: number;
  units: UnitTable;
}) {
  const { side, letter, x, y, height, units } = props;
  const { onset } = side.study;
  const hottest = onset.hottestC.value;
  const level = onset.level.value;
  const at = onset.onsetC.value;
  if (!onset.accepted || at === undefined || level === undefined || hottest === undefined) return null;
  const low = x(onset.lowC.value ?? at);
  const coldest = Math.min(at, ...side.study.levels.map((l) => l.discC.value ?? at));
  const left = 100 * (level - (onset.perC.value ?? 0) * (hottest - at));
  return (
    <g>
      <rect
        x={low}
        width={Math.max(2, x(onset.highC.value ?? at) - low)}
        y={0}
        height={height}
        fill="var(--band)"
      />
      <line x1={x(at)} x2={x(at)} y1={0} y2={height} stroke="var(--ink)" strokeWidth={2} />
      <path
        d={`M${x(coldest)} ${y(100 * level)}H${x(at)}L${x(hottest)} ${y(left)}`}
        fill="none"
        stroke={colour(letter)}
        strokeWidth={1.4}
      />
      <text className="note" x={x(at) - 8} y={height - 12 - 16 * props.row} textAnchor="end">
        {letter} from {number(units.temperature.of(at), 0)} {units.temperature.unit}
      </text>
    </g>
  );
}
