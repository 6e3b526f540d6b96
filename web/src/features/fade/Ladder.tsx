import { scaleLinear } from 'd3-scale';
import type { FadeSide } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { Picture, type Values } from '../../charts/Picture';
import { spread } from '../../charts/spread';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';
import { Onset, OverHeat } from './OverHeat';
import { LastFigure, Rungs } from './Rungs';
import { AXIS, ladderOf, MEASURED, type Measured } from './measured';

const HEIGHT = 230;
const LEFT = 52;
const GAP = 56;
const RIGHT_SHARE = 0.38;
/** Above and below the outermost rung, of the height. */
const ROOM = 0.05;

/** Does it fade, and from when? Stop by stop on the left, over the discs' temperature on the right. */
export function Ladder(props: {
  sides: FadeSide[];
  /** By what each is marked. */
  letters: Letter[];
  measured: Measured;
  units: UnitTable;
}) {
  const { sides, letters, measured, units } = props;
  const { ref, width } = useWidth<HTMLDivElement>(1180);
  const ladder = ladderOf(sides, measured, units);
  const all = ladder.rungs.flat();
  if (all.length === 0) {
    return (
      <p ref={ref}>
        Not drawn: {ladder.whyNone ?? 'nothing of it was measured'}. Choose another measure above.
      </p>
    );
  }
  const narrow = width < 760;
  const leftWidth = narrow ? width - LEFT : (width - LEFT - GAP) * (1 - RIGHT_SHARE);
  const beside = ROOM * (ladder.high - ladder.low);
  const y = scaleLinear([ladder.low - beside, ladder.high + beside], [HEIGHT, 6]);
  const stops = Math.max(1, ...sides.map((s) => s.study.levels.length));
  const x = scaleLinear([0, stops], [LEFT, LEFT + leftWidth]);
  const t = units.temperature;
  const heats = all.flatMap((r) => (r.discC === undefined ? [] : [t.of(r.discC)]));
  const from = Math.min(t.of(60), ...heats) - 10;
  const to = Math.max(t.of(200), ...heats) + 10;
  const rightFrom = narrow ? LEFT : LEFT + leftWidth + GAP;
  const heat = scaleLinear([from, to], [rightFrom, width - 8]);
  const right = (c: number) => heat(t.of(c));
  const ticks = y.ticks(5);
  return (
    <div ref={ref}>
      <Picture
        name={nameOf(ladder, measured, letters)}
        width={width}
        height={HEIGHT + 34 + (narrow ? HEIGHT + 58 : 0)}
        values={valuesOf(ladder, stops, units, letters)}
      >
        <rect x={LEFT} y={0} width={leftWidth} height={HEIGHT} fill="var(--slab)" />
        <Axes x={x} y={y} right={LEFT + leftWidth} stops={stops} ticks={ticks} />
        <text className="note" x={LEFT + 8} y={18}>
          {AXIS[measured]}, {ladder.unit}
        </text>
        <Steps ladder={ladder} letters={letters} x={x} y={y} />
        <g transform={`translate(0 ${narrow ? HEIGHT + 58 : 0})`}>
          <rect x={rightFrom} y={0} width={width - 8 - rightFrom} height={HEIGHT} fill="var(--slab)" />
          {ticks.map((p) => (
            <line key={p} x1={rightFrom} x2={width - 8} y1={y(p)} y2={y(p)} stroke="var(--joint)" />
          ))}
          {sides.map((s, i) => (
            <g key={s.configurationId}>
              {measured === 'SHARE' && (
                <Onset
                  side={s}
                  letter={letters[i] ?? ''}
                  row={sides.slice(0, i).filter((o) => o.study.onset.accepted).length}
                  x={right}
                  y={y}
                  height={HEIGHT}
                  units={units}
                />
              )}
              <OverHeat rungs={ladder.rungs[i] ?? []} letter={letters[i] ?? ''} x={right} y={y} />
            </g>
          ))}
          {heats.length === 0 && (
            <text className="note" x={rightFrom + 12} y={HEIGHT / 2}>
              no disc temperature is known
            </text>
          )}
          <Tape x={heat} from={from} to={to} y={HEIGHT + 2} unit={t.unit} mostLong={6} />
        </g>
      </Picture>
    </div>
  );
}

/** The rungs of all sides, and over them the last figure of each; of more than two these are moved apart. */
function Steps(props: {
  ladder: Drawn;
  letters: Letter[];
  x: (stop: number) => number;
  y: (v: number) => number;
}) {
  const { ladder, letters, x, y } = props;
  const ends = ladder.rungs.map((r) => y(r.at(-1)?.value ?? 0));
  const heights = letters.length > 2 ? spread(ends, 16, 34, HEIGHT - 6) : null;
  return (
    <>
      {letters.map((letter, i) => (
        <Rungs
          key={letter}
          rungs={ladder.rungs[i] ?? []}
          reference={ladder.references[i]}
          letter={letter}
          x={x}
          y={y}
        />
      ))}
      {letters.map((letter, i) => (
        <LastFigure
          key={letter}
          rungs={ladder.rungs[i] ?? []}
          letter={letter}
          x={x}
          y={y}
          unit={ladder.unit}
          decimals={ladder.decimals}
          foot={HEIGHT - 4}
          below={heights?.[i] ?? i % 2 === 0}
        />
      ))}
    </>
  );
}

/** Values up the side, stops along the foot. */
function Axes(props: {
  x: (stop: number) => number;
  y: (value: number) => number;
  right: number;
  stops: number;
  ticks: number[];
}) {
  const { x, y, stops, ticks } = props;
  const decimals = Math.max(0, -Math.floor(Math.log10((ticks[1] ?? 1) - (ticks[0] ?? 0)) + 1e-9));
  return (
    <>
      {ticks.map((p) => (
        <g key={p}>
          <line x1={LEFT} x2={props.right} y1={y(p)} y2={y(p)} stroke="var(--joint)" />
          <text className="axis" x={LEFT - 6} y={y(p) + 4} textAnchor="end">
            {number(p, decimals)}
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
    </>
  );
}

type Drawn = ReturnType<typeof ladderOf>;

function nameOf(ladder: Drawn, measured: Measured, letters: Letter[]) {
  const sides = ladder.rungs.map(
    (rungs, i) =>
      `${letters[i]}: ${rungs.map((r) => `${number(r.value, ladder.decimals)} ${ladder.unit}`).join(', ')}`,
  );
  const what = MEASURED.find(([m]) => m === measured)?.[1] ?? '';
  return `${what}, in the order driven. ${sides.join('; ')}`;
}

function valuesOf(ladder: Drawn, stops: number, units: UnitTable, letters: Letter[]): Values {
  const t = units.temperature;
  return {
    head: [
      'stop',
      ...ladder.rungs.flatMap((_, i) => [`${letters[i]}, ${ladder.unit}`, `${letters[i]}, disc ${t.unit}`]),
    ],
    rows: Array.from({ length: stops }, (_, n) => [
      n + 1,
      ...ladder.rungs.flatMap((rungs) => {
        const r = rungs.find((x) => x.at === n);
        return [
          r === undefined ? '–' : valueOf(r, ladder.decimals),
          r?.discC === undefined ? '–' : number(t.of(r.discC), 0),
        ];
      }),
    ]),
  };
}

const valueOf = (r: { value: number; plusMinus: number }, decimals: number) =>
  `${number(r.value, decimals)} ± ${r.plusMinus > 0 ? number(r.plusMinus, decimals) : '?'}`;
