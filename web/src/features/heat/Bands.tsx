import type { Heat, HeatSide } from '../../api/types';
import { number, type UnitTable } from '../../units/units';

const TOP = 6;
const HALO = { paintOrder: 'stroke', stroke: 'var(--slab)', strokeWidth: 4 } as const;

type Held = {
  fronts: HeatSide['fronts'];
  fluid: HeatSide['fluid'];
  gate: Heat['gate'];
  limitC: number | null;
  /** Highest temperature of the picture, in the unit it is shown in. */
  top: number;
  left: number;
  right: number;
  y: (celsius: number) => number;
  units: UnitTable;
};

/** What the temperatures are held against: the start window, the pads’ window, the fluid, and the limit somebody chose. */
export function Bands(props: Held) {
  const { fronts: pads, fluid, gate, limitC, left, right, y, units } = props;
  const t = units.temperature;
  const clip = (c: number) => Math.max(TOP, y(c));
  const shows = (c: number) => t.of(c) < props.top;
  const across = (c: number, width: number, dashes?: string) =>
    shows(c) && (
      <line
        x1={left}
        x2={right}
        y1={y(c)}
        y2={y(c)}
        stroke="var(--ink)"
        strokeWidth={width}
        strokeDasharray={dashes}
      />
    );
  const hottest = gate === null || gate.hottestC === null ? TOP : clip(gate.hottestC);
  return (
    <g>
      {gate && (
        <rect
          x={left}
          width={right - left}
          y={hottest}
          height={y(gate.coldestC ?? 0) - hottest}
          fill="var(--band)"
        />
      )}
      {gate && gate.coldestC !== null && across(gate.coldestC, 1.2)}
      {gate && gate.hottestC !== null && across(gate.hottestC, 1.2)}
      {pads && (
        <g>
          {across(pads.toC, 1.6, '2 4')}
          <path
            d={`M${right + 4} ${clip(pads.toC)}h7V${clip(pads.fromC)}h-7`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          <text className="note" x={right + 16} y={(clip(pads.toC) + clip(pads.fromC)) / 2}>
            pads’ window
          </text>
          <text className="note" x={right + 16} y={(clip(pads.toC) + clip(pads.fromC)) / 2 + 16}>
            {number(t.of(pads.fromC), 0)} to {number(t.of(pads.toC), 0)} {t.unit}
          </text>
        </g>
      )}
      {fluid && across(fluid.boilsC, 1.2, '9 3 2 3')}
      {limitC !== null && across(limitC, 3)}
    </g>
  );
}

/** Their names, over the lines that cross them. */
export function BandNames({ fluid, gate, limitC, top, left, right, y, units }: Held) {
  const t = units.temperature;
  const beside = (c: number) => y(c) + (y(c) < 24 ? 15 : -5);
  return (
    <g>
      {gate && (
        <text className="note" x={right - 8} y={y(gate.coldestC ?? 0) - 5} textAnchor="end" style={HALO}>
          start window
        </text>
      )}
      {fluid && t.of(fluid.boilsC) < top && (
        <text className="note" x={left + 8} y={beside(fluid.boilsC)} style={HALO}>
          {fluid.wet ? 'wet' : 'dry'} fluid boils at {number(t.of(fluid.boilsC), 0)} {t.unit}; it is cooler
          than the disc
        </text>
      )}
      {limitC !== null && t.of(limitC) < top && (
        <text className="note" x={left + 8} y={beside(limitC)} style={HALO}>
          limit chosen
        </text>
      )}
    </g>
  );
}
