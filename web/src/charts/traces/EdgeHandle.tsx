import { useRef } from 'react';
import type { Edge, Scale, XAxis } from './layout';

/** Onset or end of a stop: drag it, or move it by the arrow keys. */
export function EdgeHandle(props: {
  edge: Edge;
  at: number;
  /** Right end of the picture, px. */
  most: number;
  bottom: number;
  label: string;
  value: string;
  x: Scale;
  axis: XAxis;
  onEdge: (edge: Edge, shiftS: number) => void;
}) {
  const dragged = useRef<number | null>(null);
  const width = props.edge === 'onset' ? 52 : 66;
  const left = props.edge === 'onset' ? props.at - width : Math.min(props.at, props.most - width);
  const movable = props.axis === 'time';
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={props.edge === 'onset' ? 'Onset of braking' : 'End of the stop'}
      aria-valuetext={props.value}
      aria-valuenow={0}
      aria-disabled={!movable}
      data-edge={props.edge}
      className={movable ? 'cursor-ew-resize touch-none' : undefined}
      onPointerDown={(e) => {
        if (!movable) return;
        e.currentTarget.setPointerCapture(e.pointerId);
        dragged.current = e.clientX;
      }}
      onPointerMove={(e) => {
        if (dragged.current === null) return;
        const shift = props.x.invert(e.clientX) - props.x.invert(dragged.current);
        if (Math.abs(shift) >= 0.005) {
          dragged.current = e.clientX;
          props.onEdge(props.edge, shift);
        }
      }}
      onPointerUp={() => (dragged.current = null)}
      onKeyDown={(e) => {
        const way =
          e.key === 'ArrowRight' || e.key === 'ArrowUp'
            ? 1
            : e.key === 'ArrowLeft' || e.key === 'ArrowDown'
              ? -1
              : 0;
        if (way === 0 || !movable) return;
        e.preventDefault();
        e.stopPropagation();
        props.onEdge(props.edge, way * (e.shiftKey ? 0.1 : 0.01));
      }}
    >
      <line x1={props.at} x2={props.at} y1={22} y2={props.bottom + 4} stroke="var(--ink)" strokeWidth={2} />
      <line x1={props.at} x2={props.at} y1={4} y2={props.bottom} stroke="transparent" strokeWidth={14} />
      <rect x={left} y={4} width={width} height={24} fill="var(--ink)" />
      <text
        x={left + width / 2}
        y={21}
        textAnchor="middle"
        style={{ fill: 'var(--on-ink)', fontWeight: 640 }}
      >
        {props.label}
      </text>
    </g>
  );
}
