import type { HeatSide, HeatTrace, PeakClue } from '../../api/types';
import { colour, type Letter } from '../../charts/letters';
import { useDiscs } from '../../reader/discs';
import { sourceWord } from './words';

type Scale = (v: number) => number;

/** What people read, over the sensors’ lines: late readings with the way back to their peak, ladders as brackets. */
export function Clues(props: { side: HeatSide; trace: HeatTrace; letter: Letter; x: Scale; y: Scale }) {
  const { side, trace, letter, x, y } = props;
  const named = useDiscs();
  return (
    <g stroke={colour(letter)} fill="none">
      {trace.marks.flatMap((mark) => {
        const at = side.stops.findIndex((s) => s.id === mark.stop);
        const discs = side.study.stops[at]?.discs ?? {};
        return named.flatMap(([wheel, name]) =>
          (discs[wheel]?.peak.clues ?? [])
            .filter((c) => c.source !== 'SENSOR')
            .map((c, i) => (
              <g key={`${mark.stop}${wheel}${i}`}>
                <title>{`stop ${mark.number}, ${name}, ${sourceWord(c.source)}`}</title>
                {c.source === 'LADDER' ? (
                  <Bracket clue={c} x={x(mark.toS)} y={y} />
                ) : (
                  <WayBack clue={c} x={x(mark.toS)} readX={x(mark.toS + c.lateS)} y={y} />
                )}
              </g>
            )),
        );
      })}
    </g>
  );
}

/** A dot where it was read, and a circle with its ± at the peak that goes back to. */
export function WayBack(props: { clue: PeakClue; x: number; readX: number; y: Scale }) {
  const { clue, x, readX, y } = props;
  const peak = clue.peakC.value ?? 0;
  const read = clue.readC.value ?? peak;
  return (
    <>
      <line
        x1={x}
        x2={x}
        y1={y(clue.atLeastC.value ?? peak)}
        y2={y(clue.belowC.value ?? peak)}
        strokeWidth={1.6}
      />
      {clue.lateS > 0 && (
        <line x1={x} y1={y(peak)} x2={readX} y2={y(read)} strokeWidth={1} strokeDasharray="2 2" />
      )}
      <circle cx={readX} cy={y(read)} r={2.4} fill="currentColor" stroke="none" />
      <circle
        cx={x}
        cy={y(peak)}
        r={4.5}
        strokeWidth={2}
        fill={clue.source === 'BARE' ? 'var(--joint)' : 'var(--slab)'}
      />
    </>
  );
}

/** From the highest mark that changed to the lowest that did not; open where the ladder says nothing. */
export function Bracket({ clue, x, y }: { clue: PeakClue; x: number; y: Scale }) {
  const from = clue.atLeastC.value;
  const below = clue.belowC.value;
  const low = from ?? (below ?? 0) - 60;
  const high = below ?? (from ?? 0) + 60;
  return (
    <>
      <line
        x1={x + 8}
        x2={x + 8}
        y1={y(low)}
        y2={y(high)}
        strokeWidth={1.6}
        strokeDasharray={from === undefined || below === undefined ? '3 3' : undefined}
      />
      {from !== undefined && <line x1={x + 2} x2={x + 14} y1={y(from)} y2={y(from)} strokeWidth={2.4} />}
      {below !== undefined && <line x1={x + 2} x2={x + 14} y1={y(below)} y2={y(below)} strokeWidth={2.4} />}
    </>
  );
}
