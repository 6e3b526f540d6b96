import { scaleLinear } from 'd3-scale';
import type { Forecast, LaneSpec } from '../../api/types';
import { Picture } from '../../charts/Picture';
import { step } from '../../charts/tape';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';

const TOP = 26;
const ROW = 54;

/** Is the lane long enough, worst case included? Seen from above, to scale, what is missing hatched. */
export function LanePlan(props: { forecast: Forecast; lane: LaneSpec | null; units: UnitTable }) {
  const { ref, width } = useWidth<HTMLDivElement>(760);
  const { units } = props;
  const worst = props.forecast.forecast.lane;
  const lane = worst.check;
  const parts: [string, number][] = [
    ['reach the speed', lane.reachM],
    ['hold it', lane.settleM],
    ['stop × 1.25', lane.stopM],
    ['half the brakes fail', lane.runOffM],
  ];
  const total = props.forecast.laneTotalM;
  const length = props.lane?.length.inside ?? 0;
  const runOff = props.lane?.runOff.inside ?? 0;
  const toUnit = units.distance.of;
  const longest = toUnit(Math.max(total, length + runOff));
  const grid = step(longest, 10);
  const end = Math.ceil(longest / grid + 0.01) * grid;
  const x = scaleLinear([0, end], [8, width - 12]);
  const at = (m: number) => x(toUnit(m));
  const missing = props.forecast.forecast.missingM.value;
  const u = units.distance.unit;
  const verdict =
    missing === undefined
      ? 'no lane chosen'
      : missing > 0
        ? `NO-GO: ${number(toUnit(missing), 0)} ${u} missing`
        : 'GO';
  return (
    <div ref={ref}>
      <Picture
        name={`Lane to scale: one run takes ${number(toUnit(total), 0)} ${u}; ${verdict}`}
        width={width}
        height={TOP + ROW * 2 + 34}
        values={{
          head: ['what', u],
          rows: [
            ...parts.map(([name, m]) => [name, number(toUnit(m), 0)]),
            ['in all', number(toUnit(total), 0)],
            ...props.forecast.forecast.lanes.map((p) => [
              `${p.phase}, in all`,
              number(toUnit(p.check.reachM + p.check.settleM + p.check.stopM + p.check.runOffM), 0),
            ]),
            ['lane', number(toUnit(length), 0)],
            ['run-off', number(toUnit(runOff), 0)],
          ],
        }}
      >
        <text className="axis" x={at(0)} y={16}>
          what one run takes: {worst.phase} from {number(units.speed.of(worst.speedMps), 0)}{' '}
          {units.speed.unit}
          {worst.because && `, ${worst.because}`}
        </text>
        <OneRun parts={parts} at={at} toUnit={toUnit} />
        {props.lane && <Lane lane={props.lane} missingM={missing ?? 0} at={at} toUnit={toUnit} />}
        <Tape x={x} from={0} to={end} y={TOP + ROW * 2 - 8} unit={u} first={`${u} from the start`} />
      </Picture>
    </div>
  );
}

type Drawn = { at: (m: number) => number; toUnit: (m: number) => number };

/** What one run takes, part by part. */
function OneRun({ parts, at, toUnit }: Drawn & { parts: [string, number][] }) {
  const starts = parts.map((_, i) => parts.slice(0, i).reduce((sum, p) => sum + p[1], 0));
  return parts.map(([name, m], i) => {
    const from = starts[i] ?? 0;
    const wide = at(from + m) - at(from);
    return (
      <g key={name}>
        <rect
          x={at(from)}
          y={TOP}
          width={Math.max(1, wide - 2)}
          height={ROW - 16}
          fill={i < 3 ? 'var(--band)' : 'var(--slab)'}
          stroke="var(--edge)"
          strokeDasharray={i < 3 ? undefined : '5 4'}
        />
        <text className="note" x={at(from) + 6} y={TOP + 16}>
          {wide > 74 ? name : ''}
        </text>
        <text className="label" x={at(from) + 6} y={TOP + 32}>
          {number(toUnit(m), 0)}
        </text>
      </g>
    );
  });
}

/** The lane and its run-off; what is missing, hatched. */
function Lane({ lane, missingM, at, toUnit }: Drawn & { lane: LaneSpec; missingM: number }) {
  const length = lane.length.inside ?? 0;
  const runOff = lane.runOff.inside ?? 0;
  return (
    <g>
      <defs>
        <pattern
          id="missing"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill="var(--sheet)" />
          <line x1="0" x2="0" y1="0" y2="7" stroke="var(--block)" strokeWidth="4" />
        </pattern>
      </defs>
      <rect x={at(0)} y={TOP + ROW} width={at(length) - at(0)} height={ROW - 16} fill="var(--slab)" />
      <rect
        x={at(length)}
        y={TOP + ROW}
        width={at(length + runOff) - at(length)}
        height={ROW - 16}
        fill="none"
        stroke="var(--edge)"
        strokeDasharray="5 4"
      />
      {missingM > 0 && (
        <rect
          x={at(length + runOff)}
          y={TOP + ROW}
          width={Math.max(3, at(length + runOff + missingM) - at(length + runOff))}
          height={ROW - 16}
          fill="url(#missing)"
        />
      )}
      <text className="label" x={at(0) + 6} y={TOP + ROW + 23}>
        {lane.lane}, {number(toUnit(length), 0)}
      </text>
      <text className="note" x={at(length) + 6} y={TOP + ROW + 23}>
        {at(length + runOff) - at(length) > 60 ? `run-off ${number(toUnit(runOff), 0)}` : ''}
      </text>
    </g>
  );
}
