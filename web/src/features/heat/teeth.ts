import type { HeatSide, HeatStop } from '../../api/types';
import { letterOf, type Letter } from '../../charts/letters';

/** One stop of the day, as it stands in a picture stop by stop. */
export type Tooth = {
  letter: Letter;
  block: number;
  number: number;
  discs: HeatStop['discs'];
  /** Whether it is the first of its configuration in its block: what cooled before it is not its own. */
  opens: boolean;
};

/** The stops of some configurations in the order driven: block by block, and in a block configuration by configuration. */
export function teethOf(sides: readonly HeatSide[], letters = sides.map((_, i) => letterOf(i))): Tooth[] {
  const all = sides
    .flatMap((s, side) =>
      s.study.stops.map((stop, i) => ({
        side,
        letter: letters[side] ?? letterOf(side),
        block: s.stops[i]?.block ?? 1,
        number: stop.number,
        discs: stop.discs,
      })),
    )
    .sort((a, b) => a.block - b.block || a.side - b.side);
  return all.map(({ side, ...tooth }, i) => {
    const before = all[i - 1];
    return { ...tooth, opens: before?.block !== tooth.block || before.side !== side };
  });
}
