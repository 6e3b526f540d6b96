import type { Wheel } from '../../api/types';
import { colour, textColour } from '../../charts/letters';
import { Bracket, WayBack } from './Clues';
import type { Tooth } from './teeth';
import { useDiscs } from '../../reader/discs';
import { LOOKS, sourceWord } from './words';

type Scale = (v: number) => number;

const WIDEST = 14;
/** Of the room that a stop has, how far two discs stand apart. */
const APART = 0.18;
const BESIDE = 7;
/** A number needs so much room, px. */
const ROOM = 18;

/** Start and peak of every disc, stop by stop: sensors as lines, what people read as circles and brackets. */
export function StopTeeth(props: { teeth: Tooth[]; x: Scale; y: Scale; height: number }) {
  const { teeth, x, y, height } = props;
  const named = useDiscs();
  const apart = Math.min(WIDEST, APART * (x(1) - x(0)));
  return (
    <g fill="none">
      {teeth.map(
        (tooth, i) =>
          tooth.opens && (
            <g key={`${tooth.block}${tooth.letter}`}>
              {i > 0 && (
                <line
                  x1={x(i + 0.5)}
                  x2={x(i + 0.5)}
                  y1={4}
                  y2={height}
                  stroke="var(--edge)"
                  strokeWidth={2}
                />
              )}
              <text
                className="note"
                x={x(i + 0.5) + 6}
                y={height - 8}
                style={{ fill: textColour(tooth.letter) }}
              >
                {tooth.letter}, block {tooth.block}
              </text>
            </g>
          ),
      )}
      {named.map(([wheel, name], k) => (
        <g key={wheel}>
          {teeth.map((tooth, i) => (
            <One
              key={i}
              tooth={tooth}
              next={teeth[i + 1]}
              wheel={wheel}
              name={name}
              x={x(i + 1) + (k - 1.5) * apart}
              nextX={x(i + 2) + (k - 1.5) * apart}
              y={y}
              tick={Math.max(2, Math.min(6, 0.8 * apart))}
            />
          ))}
        </g>
      ))}
    </g>
  );
}

/** Each stop’s own number under its place; only every fifth where there are many. */
export function StopNumbers({ teeth, x, y }: { teeth: Tooth[]; x: Scale; y: number }) {
  const all = x(1) - x(0) >= ROOM;
  return (
    <g aria-hidden>
      {teeth.map(
        (tooth, i) =>
          (all || tooth.number % 5 === 0) && (
            <text key={i} className="axis" x={x(i + 1)} y={y} textAnchor="middle">
              {tooth.number}
            </text>
          ),
      )}
      <text className="axis" x={x(0.5) - 6} y={y} textAnchor="end">
        stop
      </text>
    </g>
  );
}

function One(props: {
  tooth: Tooth;
  next: Tooth | undefined;
  wheel: Wheel;
  name: string;
  x: number;
  nextX: number;
  y: Scale;
  /** Half of what marks the believed peak. */
  tick: number;
}) {
  const { tooth, next, wheel, x, nextX, y, tick } = props;
  const disc = tooth.discs[wheel];
  if (!disc) return null;
  const start = disc.troughC.value;
  const peak = disc.peak.peakC.value;
  const cooled = next && !next.opens ? next.discs[wheel]?.troughC.value : undefined;
  const bySensor = disc.peak.source === 'SENSOR';
  const look = bySensor ? LOOKS[wheel] : { width: 1, dash: '3 3' };
  return (
    <g stroke={colour(tooth.letter)} strokeWidth={look.width} strokeDasharray={look.dash}>
      {start !== undefined && peak !== undefined && <line x1={x} x2={x} y1={y(start)} y2={y(peak)} />}
      {peak !== undefined && cooled !== undefined && (
        <line x1={x} x2={nextX} y1={y(peak)} y2={y(cooled)} strokeWidth={look.width / 2} />
      )}
      <g strokeDasharray="none">
        {start !== undefined && !bySensor && <circle cx={x} cy={y(start)} r={3} fill="var(--slab)" />}
        {disc.peak.clues
          .filter((c) => c.source !== 'SENSOR')
          .map((c, i) => (
            <g key={i}>
              <title>{`stop ${tooth.number}, ${props.name}, ${sourceWord(c.source)}`}</title>
              {c.source === 'LADDER' ? (
                <Bracket clue={c} x={x} y={y} />
              ) : (
                <WayBack clue={c} x={x} readX={c.lateS > 0 ? x + BESIDE : x} y={y} />
              )}
            </g>
          ))}
        {peak !== undefined && (
          <line x1={x - tick} x2={x + tick} y1={y(peak)} y2={y(peak)} stroke="var(--ink)" strokeWidth={2} />
        )}
      </g>
    </g>
  );
}
