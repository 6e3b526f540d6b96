import { number } from '../units/units';
import { step, ticks } from './tape';

/** About the width of a letter, px. */
const ROOM = 7;
const LENGTHS = { short: 4.5, middle: 7.5, long: 12 };

/** The graduated edge under a picture: figures to the right of the long ticks, the unit once, on the last figure. */
export function Tape(props: {
  x: (value: number) => number;
  from: number;
  to: number;
  y: number;
  unit: string;
  mostLong?: number;
  first?: string;
}) {
  const { x, from, to, y } = props;
  const most = props.mostLong ?? 10;
  const all = ticks(from, to, most);
  const long = all.filter((t) => t.length === 'long');
  const decimals = Math.max(0, -Math.floor(Math.log10(step(to - from, most)) + 1e-9));
  return (
    <g aria-hidden>
      <line x1={x(from)} x2={x(to)} y1={y + 0.5} y2={y + 0.5} stroke="var(--ink)" />
      {all.map((t) => (
        <line key={t.at} x1={x(t.at)} x2={x(t.at)} y1={y} y2={y + LENGTHS[t.length]} stroke="var(--ink)" />
      ))}
      {long.map((t, i) => {
        const atEnd = x(t.at) > x(to) - 34;
        // The words beside the zero need the room of the next figure or two.
        const crowded = props.first && t.at > 0 && x(t.at) - x(0) < 8 * props.first.length + 16;
        if (crowded) return null;
        const last = i === long.length - 1;
        // The last figure stands left of its tick where the picture ends, with its unit; it may reach into the one before.
        const end = long.at(-1);
        const pushedOut =
          !last &&
          end &&
          x(end.at) > x(to) - 34 &&
          x(end.at) - x(t.at) < 30 + ROOM * `${number(end.at, decimals)} ${props.unit}`.length;
        if (pushedOut) return null;
        return (
          <text
            key={t.at}
            className="axis"
            x={x(t.at) + (atEnd ? -4 : 4)}
            y={y + 21}
            textAnchor={atEnd ? 'end' : 'start'}
          >
            {number(t.at, decimals)}
            {t.at === 0 && props.first ? ` ${props.first}` : last ? ` ${props.unit}` : ''}
          </text>
        );
      })}
    </g>
  );
}
