import { useEffect, useRef } from 'react';
import type { Role } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useWidth } from '../../charts/useWidth';
import type { Kind } from '../../units/units';
import { number } from '../../units/units';
import type { Live } from './live';
import { Share } from './Share';

const SHOWN_S = 30;
const PANES: { role: Role; other?: Role; name: string; kind: Kind; low: number; high: number; px: number }[] =
  [
    { role: 'SPEED', name: 'Speed', kind: 'speed', low: 0, high: 42, px: 64 },
    { role: 'DECELERATION', name: 'Deceleration', kind: 'deceleration', low: -3, high: 12, px: 64 },
    {
      role: 'PRESSURE_FRONT',
      other: 'PRESSURE_REAR',
      name: 'Line pressure',
      kind: 'pressure',
      low: 0,
      high: 90,
      px: 50,
    },
    {
      role: 'DISC_TEMPERATURE_FRONT_LEFT',
      other: 'DISC_TEMPERATURE_FRONT_RIGHT',
      name: 'Front discs',
      kind: 'temperature',
      low: 0,
      high: 500,
      px: 50,
    },
  ];
const GAP = 3;
const LABELS = 132;

/** The last half minute as the logger sends it, with what it shows now. */
export function Recorder({ live, colour }: { live: Live; colour: string }) {
  const { units } = usePreferences();
  const { ref, width } = useWidth<HTMLDivElement>(760);
  const canvas = useRef<HTMLCanvasElement>(null);
  const panes = PANES.filter((p) => live.traces.has(p.role));
  const height = panes.reduce((sum, p) => sum + p.px + GAP, 0);
  const drawn = Math.max(200, width - LABELS);
  const names = panes.map((p) => p.role).join();
  useEffect(() => {
    const own = canvas.current;
    if (!own) return;
    const shown = PANES.filter((p) => names.split(',').includes(p.role));
    let frame = 0;
    const draw = () => {
      paint(own, live.traces, shown, colour, performance.now());
      own.dataset.frames = String(Number(own.dataset.frames ?? 0) + 1);
      frame = requestAnimationFrame(draw);
    };
    draw();
    return () => cancelAnimationFrame(frame);
  }, [live.traces, names, colour, drawn]);
  const told = panes
    .map((p) => {
      const v = live.value(p.role);
      const unit = units[p.kind];
      return `${p.name.toLowerCase()} ${v === undefined ? 'not known' : `${number(unit.of(v), unit.decimals === 0 ? 0 : 1)} ${unit.unit}`}`;
    })
    .join(', ');
  return (
    <div ref={ref}>
      {panes.length === 0 ? (
        <p className="bg-slab px-4 py-6 text-[16px] text-ink-2">
          Nothing comes from the logger yet. Its traces will run here.
        </p>
      ) : (
        <div className="grid" style={{ gridTemplateColumns: `${drawn}px 1fr` }}>
          <canvas
            ref={canvas}
            width={drawn * 2}
            height={height * 2}
            style={{ width: drawn, height }}
            role="img"
            aria-label={`Last ${SHOWN_S} s of the logger: ${told}`}
          />
          <dl className="pl-3">
            {panes.map((p) => {
              const unit = units[p.kind];
              const value = (role: Role) => {
                const v = live.value(role);
                return v === undefined ? '–' : number(unit.of(v), unit.decimals === 0 ? 0 : 1);
              };
              return (
                <div key={p.role} style={{ height: p.px + GAP }} className="leading-tight">
                  <dt className="text-[13px] text-ink-3">
                    {p.name}, {unit.unit}
                  </dt>
                  <dd className="text-[21px] font-[660] [font-stretch:80%] tabular-nums">
                    {value(p.role)}
                    {p.other && live.traces.has(p.other) && (
                      <span className="text-[16px] font-[450] text-ink-2"> {value(p.other)}</span>
                    )}
                  </dd>
                </div>
              );
            })}
          </dl>
        </div>
      )}
      <Share share={live.traces.share} />
      {panes.length > 0 && !live.fresh() && (
        <p role="status" className="mt-1 text-[16px] font-[600]">
          The link to the logger is gone. What it holds comes when it is back; nothing sent before is lost.
        </p>
      )}
    </div>
  );
}

/** One frame: slabs with a joint every 5 s, and the lines up to the playhead. */
function paint(
  canvas: HTMLCanvasElement,
  traces: Live['traces'],
  panes: typeof PANES,
  colour: string,
  nowMs: number,
) {
  const at = canvas.getContext('2d');
  if (!at) return;
  const style = getComputedStyle(canvas);
  const token = (name: string) => style.getPropertyValue(name);
  const width = canvas.width / 2;
  const end = traces.playhead(nowMs);
  const x = (t: number) => width - ((end - t) / SHOWN_S) * width;
  at.setTransform(2, 0, 0, 2, 0, 0);
  at.clearRect(0, 0, width, canvas.height / 2);
  let top = 0;
  for (const p of panes) {
    at.fillStyle = token('--slab');
    at.fillRect(0, top, width, p.px);
    at.strokeStyle = token('--joint');
    at.lineWidth = 1.5;
    at.beginPath();
    for (let t = Math.ceil((end - SHOWN_S) / 5) * 5; t < end; t += 5) {
      at.moveTo(x(t), top);
      at.lineTo(x(t), top + p.px);
    }
    at.stroke();
    const bottom = top + p.px;
    const y = (v: number) =>
      bottom - 3 - ((Math.min(p.high, Math.max(p.low, v)) - p.low) / (p.high - p.low)) * (p.px - 6);
    for (const role of [p.other, p.role]) {
      if (!role) continue;
      at.strokeStyle = token(`--${colour}`);
      at.lineWidth = role === p.role ? 2.2 : 1.2;
      at.setLineDash(role === p.role ? [] : [7, 3]);
      at.beginPath();
      for (const piece of traces.pieces(role, end - SHOWN_S, end, SHOWN_S / width)) {
        piece.forEach(([t, low, high], i) => {
          if (i === 0) at.moveTo(x(t), y(low));
          else at.lineTo(x(t), y(low));
          if (high !== low) at.lineTo(x(t), y(high));
        });
      }
      at.stroke();
      at.setLineDash([]);
    }
    top = bottom + GAP;
  }
}
