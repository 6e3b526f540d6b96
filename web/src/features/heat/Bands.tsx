import type { Heat, HeatSide } from '../../api/types';
import { number, type UnitTable } from '../../units/units';

const TOP = 6;

/** What the temperatures are held against: the start window, the pads’ window, the fluid, and the limit somebody chose. */
export function Bands(props: {
  side: HeatSide;
  gate: Heat['gate'];
  limitC: number | null;
  /** Highest temperature of the picture, in the unit it is shown in. */
  top: number;
  left: number;
  right: number;
  y: (celsius: number) => number;
  units: UnitTable;
}) {
  const { side, gate, limitC, left, right, y, units } = props;
  const t = units.temperature;
  const pads = side.fronts;
  const clip = (c: number) => Math.max(TOP, y(c));
  const shows = (c: number) => t.of(c) < props.top;
  return (
    <g>
      {gate && (
        <g>
          <rect
            x={left}
            width={right - left}
            y={gate.hottestC === null ? TOP : clip(gate.hottestC)}
            height={y(gate.coldestC ?? 0) - (gate.hottestC === null ? TOP : clip(gate.hottestC))}
            fill="var(--band)"
          />
          {[gate.coldestC, gate.hottestC].map(
            (c) =>
              c !== null &&
              shows(c) && (
                <line
                  key={c}
                  x1={left}
                  x2={right}
                  y1={y(c)}
                  y2={y(c)}
                  stroke="var(--ink)"
                  strokeWidth={1.2}
                />
              ),
          )}
          <text className="note" x={right - 8} y={y(gate.coldestC ?? 0) + 14} textAnchor="end">
            start window
          </text>
        </g>
      )}
      {pads && (
        <g>
          {shows(pads.toC) && (
            <line
              x1={left}
              x2={right}
              y1={y(pads.toC)}
              y2={y(pads.toC)}
              stroke="var(--ink)"
              strokeDasharray="2 4"
              strokeWidth={1.6}
            />
          )}
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
      {side.fluid && shows(side.fluid.boilsC) && (
        <g>
          <line
            x1={left}
            x2={right}
            y1={y(side.fluid.boilsC)}
            y2={y(side.fluid.boilsC)}
            stroke="var(--ink)"
            strokeDasharray="9 3 2 3"
            strokeWidth={1.2}
          />
          <text
            className="note"
            x={left + 8}
            y={y(side.fluid.boilsC) + (y(side.fluid.boilsC) < 24 ? 15 : -5)}
          >
            {side.fluid.wet ? 'wet' : 'dry'} fluid boils at {number(t.of(side.fluid.boilsC), 0)} {t.unit}; it
            is cooler than the disc
          </text>
        </g>
      )}
      {limitC !== null && shows(limitC) && (
        <g>
          <line x1={left} x2={right} y1={y(limitC)} y2={y(limitC)} stroke="var(--ink)" strokeWidth={3} />
          <text className="note" x={left + 8} y={y(limitC) - 6}>
            limit chosen
          </text>
        </g>
      )}
    </g>
  );
}
