import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Heat, HeatSide, HeatTrace, Wheel } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';
import { BandNames, Bands } from './Bands';
import { Clues } from './Clues';
import { clueTops, WHEEL_NAMES } from './words';

const HEIGHT = 260;
const LEFT = 46;
const RIGHT = 118;
const LOOKS: Record<Wheel, { width: number; dash?: string }> = {
  FRONT_LEFT: { width: 2.4 },
  FRONT_RIGHT: { width: 1.2 },
  REAR_LEFT: { width: 1.8, dash: '7 3' },
  REAR_RIGHT: { width: 1.2, dash: '3 3' },
};

/** How hot did every disc get, stop after stop? By sensors over time, or by hand readings stop by stop. */
export function Sawtooth(props: {
  side: HeatSide;
  trace: HeatTrace | undefined;
  limitC: number | null;
  gate: Heat['gate'];
  letter: Letter;
  units: UnitTable;
}) {
  const { side, trace, limitC, gate, letter, units } = props;
  const { ref, width } = useWidth<HTMLDivElement>(1180);
  const t = units.temperature;
  const peaks = side.study.stops.flatMap((s) =>
    Object.values(s.discs).flatMap((d) => clueTops(d.peak).map((c) => t.of(c))),
  );
  const top = Math.max(t.of(150), ...peaks) * 1.08;
  const y = scaleLinear([Math.min(0, t.of(0)), top], [HEIGHT, 6]);
  const inside = width - LEFT - RIGHT;
  const minutes = (s: number) => (s - (trace?.t[0] ?? 0)) / 60;
  const to = trace ? minutes(trace.t.at(-1) ?? 60) : side.study.stops.length + 0.5;
  const x = scaleLinear([trace ? 0 : 0.5, to], [LEFT, LEFT + inside]);
  const held = {
    side,
    gate,
    limitC,
    top,
    left: LEFT,
    right: LEFT + inside,
    y: (c: number) => y(t.of(c)),
    units,
  };
  return (
    <div ref={ref}>
      <Picture
        name={`${letter}: peaks ${peaks.length === 0 ? 'not known' : `up to ${number(Math.max(...peaks), 0)} ${t.unit}`} over ${side.study.stops.length} stops`}
        width={width}
        height={HEIGHT + 34}
        values={{
          head: ['stop', ...WHEEL_NAMES.map(([, n]) => `${n}, ${t.unit}, start to peak`)],
          rows: side.study.stops.map((s) => [
            s.number,
            ...WHEEL_NAMES.map(([w]) => {
              const d = s.discs[w];
              const c = (v: number | undefined) => (v === undefined ? '–' : number(t.of(v), 0));
              return d ? `${c(d.troughC.value)} to ${c(d.peak.peakC.value)}` : '–';
            }),
          ]),
        }}
      >
        <rect x={LEFT} y={4} width={inside} height={HEIGHT - 4} fill="var(--slab)" />
        <Bands {...held} />
        {y.ticks(6).map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={LEFT + inside} y1={y(v)} y2={y(v)} stroke="var(--joint)" />
            <text className="axis" x={LEFT - 6} y={y(v) + 4} textAnchor="end">
              {number(v, 0)}
            </text>
          </g>
        ))}
        {trace ? (
          <>
            <Lines trace={trace} letter={letter} x={(s) => x(minutes(s))} y={(c) => y(t.of(c))} />
            <Clues side={side} trace={trace} letter={letter} x={(s) => x(minutes(s))} y={(c) => y(t.of(c))} />
          </>
        ) : (
          <ByHand side={side} letter={letter} x={x} y={(c) => y(t.of(c))} span={t.of(1) - t.of(0)} />
        )}
        <BandNames {...held} />
        <Tape
          x={x}
          from={trace ? 0 : 1}
          to={trace ? to : side.study.stops.length}
          y={HEIGHT + 2}
          unit={trace ? 'min' : 'stop'}
          mostLong={10}
        />
      </Picture>
    </div>
  );
}

type Scale = (v: number) => number;

function Lines({ trace, letter, x, y }: { trace: HeatTrace; letter: Letter; x: Scale; y: Scale }) {
  return (
    <g fill="none" stroke={colour(letter)}>
      {trace.marks.map((m) => (
        <text key={m.number} className="axis" x={x(m.toS)} y={HEIGHT - 6} stroke="none" textAnchor="middle">
          {m.number}
        </text>
      ))}
      {WHEEL_NAMES.map(([wheel, name]) => {
        const values = trace.discs[wheel];
        if (!values) return null;
        const path = line<number | null>(
          (_, i) => x(trace.t[i] ?? 0),
          (c) => y(c ?? 0),
        ).defined((c) => c !== null)(values);
        return (
          <path
            key={wheel}
            d={path ?? undefined}
            strokeWidth={LOOKS[wheel].width}
            strokeDasharray={LOOKS[wheel].dash}
          >
            <title>{name}</title>
          </path>
        );
      })}
    </g>
  );
}

/** Readings by hand: open circles with their ±, joined only thinly. */
function ByHand(props: { side: HeatSide; letter: Letter; x: Scale; y: Scale; span: number }) {
  const { side, letter, x, y } = props;
  return (
    <g stroke={colour(letter)} fill="none">
      {WHEEL_NAMES.map(([wheel], k) =>
        side.study.stops.map((s, i) => {
          const d = s.discs[wheel];
          if (!d) return null;
          const at = x(i + 1) + (k - 1.5) * 5;
          const start = d.troughC.value;
          const peak = d.peak.peakC.value;
          const u = 2 * (d.peak.peakU.value ?? 0);
          return (
            <g key={`${wheel}${s.number}`}>
              {start !== undefined && peak !== undefined && (
                <line x1={at} x2={at} y1={y(start)} y2={y(peak)} strokeWidth={1} strokeDasharray="3 3" />
              )}
              {start !== undefined && <circle cx={at} cy={y(start)} r={3} />}
              {peak !== undefined && (
                <>
                  <line x1={at} x2={at} y1={y(peak - u)} y2={y(peak + u)} strokeWidth={1.6} />
                  <circle cx={at} cy={y(peak)} r={4.5} strokeWidth={2} fill="var(--slab)" />
                </>
              )}
            </g>
          );
        }),
      )}
    </g>
  );
}
