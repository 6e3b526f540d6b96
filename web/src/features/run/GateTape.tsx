import { scaleLinear } from 'd3-scale';
import type { RunView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Picture } from '../../charts/Picture';
import { Tape } from '../../charts/Tape';
import { useWidth } from '../../charts/useWidth';
import { Button } from '../../ui/Button';
import { number } from '../../units/units';

const HEIGHT = 92;
const LABEL = 190;
const HALO = { paintOrder: 'stroke', stroke: 'var(--band)', strokeWidth: 10 } as const;
const AXLES = [
  ['FRONT', 'Front', 30],
  ['REAR', 'Rear', 68],
] as const;

/** Are the discs in the start window, and if not, how far off? */
export function GateTape(props: { view: RunView; sensed: boolean; onRead: () => void }) {
  const { view, sensed, onRead } = props;
  const { ref, width } = useWidth<HTMLDivElement>(760);
  const { units } = usePreferences();
  const t = units.temperature;
  const { coldestC, hottestC } = view.gate.window;
  const all = view.discs.map((d) => t.of(d.celsius));
  const low = Math.min(t.of(0), ...all);
  // Room for the words beside the hottest mark.
  const room = width / Math.max(1, width - LABEL);
  const high = Math.max(t.of(hottestC ?? 150) * 1.3, ...all.map((v) => low + (v - low) * room));
  const x = scaleLinear([low, high], [4, width - 4]);
  const from = x(coldestC === null ? low : t.of(coldestC));
  const to = x(hottestC === null ? high : t.of(hottestC));
  return (
    <div ref={ref}>
      <Picture
        name={`Start window ${coldestC === null ? '' : `from ${number(t.of(coldestC), 0)} `}${hottestC === null ? '' : `to ${number(t.of(hottestC), 0)} ${t.unit}`}; ${
          view.discs.length === 0
            ? 'no disc read yet'
            : view.discs
                .map((d) => `${d.wheel.toLowerCase().replace('_', ' ')} ${number(t.of(d.celsius), 0)}`)
                .join(', ')
        }`}
        width={width}
        height={HEIGHT + 34}
        values={{
          head: ['disc', `as read, ${t.unit}`],
          rows: view.discs.map((d) => [d.wheel.toLowerCase().replace('_', ' '), number(t.of(d.celsius), 0)]),
        }}
      >
        <rect x={0} y={4} width={width} height={HEIGHT - 4} fill="var(--slab)" />
        <rect x={from} y={4} width={Math.max(0, to - from)} height={HEIGHT - 4} fill="var(--band)" />
        {coldestC !== null && (
          <line x1={from} x2={from} y1={0} y2={HEIGHT} stroke="var(--ink)" strokeWidth={3} />
        )}
        {hottestC !== null && <line x1={to} x2={to} y1={0} y2={HEIGHT} stroke="var(--ink)" strokeWidth={3} />}
        {AXLES.map(([axle, name, y]) => (
          <Axle
            key={axle}
            name={name}
            own={view.discs.filter((d) => d.wheel.startsWith(axle)).map((d) => d.celsius)}
            window={view.gate.window}
            x={(c) => x(t.of(c))}
            y={y}
          />
        ))}
        {view.discs.length === 0 && (
          <text className="label" x={16} y={50} style={{ fontSize: 17, ...HALO }}>
            No disc read yet. The first will be drawn here.
          </text>
        )}
        <Tape x={x} from={low} to={high} y={HEIGHT + 2} unit={t.unit} mostLong={8} />
      </Picture>
      {/* Where the logger reads them, a reading by hand is the exception. */}
      <Button className={sensed ? 'min-h-14' : 'min-h-14 w-full text-[18px]'} onClick={onRead}>
        Read the discs
      </Button>
    </div>
  );
}

/** The discs of one axle in the window, or how far they are above it. */
function Axle(props: {
  name: string;
  own: number[];
  window: RunView['gate']['window'];
  x: (celsius: number) => number;
  y: number;
}) {
  const { own, x, y } = props;
  const { coldestC, hottestC } = props.window;
  const t = usePreferences().units.temperature;
  if (own.length === 0) return null;
  const hottest = Math.max(...own);
  const end = x(hottest);
  const inWindow = (c: number) => (coldestC ?? -1e9) <= c && c <= (hottestC ?? 1e9);
  return (
    <g>
      {hottestC !== null && hottest > hottestC && (
        <path
          d={`M${end} ${y}H${x(hottestC) + 6}M${x(hottestC) + 14} ${y - 6} ${x(hottestC) + 6} ${y}l8 6`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
      )}
      {own.map((c, i) => (
        <circle
          key={i}
          cx={x(c)}
          cy={y}
          r={7.5}
          fill={inWindow(c) ? 'var(--sheet)' : 'var(--ink)'}
          stroke="var(--ink)"
          strokeWidth={2.2}
        />
      ))}
      <text
        className="label"
        x={end + 16}
        y={y + 5}
        style={{ fontSize: 16, paintOrder: 'stroke', stroke: 'var(--slab)', strokeWidth: 5 }}
      >
        {props.name} {own.map((c) => number(t.of(c), 0)).join(' and ')}
      </text>
    </g>
  );
}
