import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { Heat, HeatSide, HeatTrace } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { Picture, type Values } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { number, type UnitTable } from '../../units/units';
import { BandNames, Bands } from './Bands';
import { Clues } from './Clues';
import { StopNumbers, StopTeeth } from './StopTeeth';
import { teethOf, type Tooth } from './teeth';
import { useDiscs } from '../../reader/discs';
import { clueTops, LOOKS } from './words';

const HEIGHT = 260;
const LEFT = 46;
/** Room for the name of the pads’ window. */
const RIGHT = 118;
const MARGIN = 8;
/** How hot did every disc get, stop after stop? By sensors over time, or everything that tells of it stop by stop. */
export function Sawtooth(props: {
  /** One configuration, or all of the day. */
  drawn: { side: HeatSide; letter: Letter }[];
  /** Of the one configuration; without it, stop by stop. */
  trace: HeatTrace | undefined;
  limitC: number | null;
  gate: Heat['gate'];
  units: UnitTable;
}) {
  const { drawn, trace, limitC, gate, units } = props;
  const named = useDiscs();
  const { ref, width } = useWidth<HTMLDivElement>(1180);
  const t = units.temperature;
  const teeth = teethOf(
    drawn.map((d) => d.side),
    drawn.map((d) => d.letter),
  );
  const peaks = teeth.flatMap((s) => Object.values(s.discs).flatMap((d) => clueTops(d.peak).map(t.of)));
  const top = Math.max(t.of(150), ...peaks) * 1.08;
  const y = scaleLinear([Math.min(0, t.of(0)), top], [HEIGHT, 6]);
  const yOf = (c: number) => y(t.of(c));
  const only = drawn.length === 1 ? drawn[0] : undefined;
  const inside = width - LEFT - (only ? RIGHT : MARGIN);
  const minutes = (s: number) => (s - (trace?.t[0] ?? 0)) / 60;
  const to = trace ? minutes(trace.t.at(-1) ?? 60) : teeth.length + 0.5;
  const x = scaleLinear([trace ? 0 : 0.5, to], [LEFT, LEFT + inside]);
  const held = {
    fronts: only?.side.fronts ?? null,
    fluid: only?.side.fluid ?? null,
    gate,
    limitC,
    top,
    left: LEFT,
    right: LEFT + inside,
    y: yOf,
    units,
  };
  return (
    <div ref={ref}>
      <Picture
        name={`${drawn.map((d) => d.letter).join(', ')}: peaks ${peaks.length === 0 ? 'not known' : `up to ${number(Math.max(...peaks), 0)} ${t.unit}`} over ${teeth.length} ${teeth.length === 1 ? 'stop' : 'stops'}`}
        width={width}
        height={HEIGHT + 34}
        values={valuesOf(teeth, named, units)}
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
        {trace && only ? (
          <>
            <Lines trace={trace} letter={only.letter} x={(s) => x(minutes(s))} y={yOf} />
            <Clues {...only} trace={trace} x={(s) => x(minutes(s))} y={yOf} />
          </>
        ) : (
          <StopTeeth teeth={teeth} x={x} y={yOf} height={HEIGHT} />
        )}
        <BandNames {...held} />
        {trace ? (
          <Tape x={x} from={0} to={to} y={HEIGHT + 2} unit="min" mostLong={10} />
        ) : (
          <StopNumbers teeth={teeth} x={x} y={HEIGHT + 18} />
        )}
      </Picture>
    </div>
  );
}

function valuesOf(teeth: Tooth[], named: ReturnType<typeof useDiscs>, units: UnitTable): Values {
  const t = units.temperature;
  const c = (v: number | undefined) => (v === undefined ? '–' : number(t.of(v), 0));
  return {
    head: ['block, stop', ...named.map(([, n]) => `${n}, ${t.unit}, start to peak`)],
    rows: teeth.map((s) => [
      `${s.letter}, block ${s.block}, stop ${s.number}`,
      ...named.map(([w]) => {
        const d = s.discs[w];
        return d ? `${c(d.troughC.value)} to ${c(d.peak.peakC.value)}` : '–';
      }),
    ]),
  };
}

type Scale = (v: number) => number;

const LABEL_PX = 20;

/** Marks whose labels do not cover each other. */
function apart(marks: HeatTrace['marks'], x: Scale) {
  let last = -Infinity;
  return marks.filter((m) => {
    const fits = x(m.toS) - last >= LABEL_PX;
    if (fits) last = x(m.toS);
    return fits;
  });
}

function Lines({ trace, letter, x, y }: { trace: HeatTrace; letter: Letter; x: Scale; y: Scale }) {
  const named = useDiscs();
  return (
    <g fill="none" stroke={colour(letter)}>
      {apart(trace.marks, x).map((m) => (
        <text key={m.stop} className="axis" x={x(m.toS)} y={HEIGHT - 6} stroke="none" textAnchor="middle">
          {m.snub ? `s${m.number}` : m.number}
        </text>
      ))}
      {named.map(([wheel, name]) => {
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
