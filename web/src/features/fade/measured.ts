import type { FadeLevel, FadeSide, Figure } from '../../api/types';
import type { UnitTable } from '../../units/units';

/** What the ladder is climbed in: the share of the reference, or the plain distance or deceleration. */
export type Measured = 'SHARE' | 'DISTANCE' | 'DECELERATION';

export const MEASURED: [Measured, string][] = [
  ['SHARE', 'share of the reference'],
  ['DISTANCE', 'distance'],
  ['DECELERATION', 'deceleration'],
];

/** What stands at the axis. */
export const AXIS: Record<Measured, string> = {
  SHARE: 'share of the reference stops',
  DISTANCE: 'distance at the nominal speed',
  DECELERATION: 'mean fully developed deceleration',
};

/** One stop on the ladder, in the unit it is shown in. */
export type Rung = {
  /** Its place in the order driven, from 0. */
  at: number;
  value: number;
  /** Half of its range: twice its standard uncertainty, 0 where that is not known. */
  plusMinus: number;
  discC: number | undefined;
  /** The tyres’ own: a floor, and no value of the brakes. */
  gripLimited: boolean;
};

type Scaled = { of: (inside: number) => number; unit: string; decimals: number };
type Way = Scaled & {
  value: (level: FadeLevel) => Figure;
  u: (level: FadeLevel) => Figure;
  reference: (side: FadeSide) => Figure;
  /** What the scale shows at least, so that a steady series looks steady; a share of the reference either way. */
  atLeast: { below: number; above: number };
};

const WAYS: Record<Measured, (units: UnitTable) => Way> = {
  SHARE: () => ({
    of: (share) => 100 * share,
    unit: '%',
    decimals: 0,
    value: (l) => l.level,
    u: (l) => l.levelU,
    reference: () => ({ value: 1 }),
    atLeast: { below: 0.12, above: 0.07 },
  }),
  DISTANCE: (units) => ({
    ...units.distance,
    value: (l) => l.distanceM,
    u: (l) => l.distanceU,
    reference: (s) => s.study.referenceM,
    atLeast: { below: 0.07, above: 0.12 },
  }),
  DECELERATION: (units) => ({
    ...units.deceleration,
    value: (l) => l.mfdd,
    u: (l) => l.mfddU,
    reference: (s) => s.study.referenceMfdd,
    atLeast: { below: 0.12, above: 0.07 },
  }),
};

/** All rungs of all sides with what they are drawn on. */
export function ladderOf(sides: readonly FadeSide[], measured: Measured, units: UnitTable) {
  const way = WAYS[measured](units);
  const rungs = sides.map((s) => s.study.levels.flatMap((l, at) => rung(l, at, way)));
  const references = sides.map((s) => {
    const r = way.reference(s).value;
    return r === undefined ? undefined : way.of(r);
  });
  const known = references.flatMap((r) => (r === undefined ? [] : [r]));
  const ends = rungs.flat().flatMap((r) => [r.value - r.plusMinus, r.value + r.plusMinus]);
  const low = Math.min(...ends, ...known.map((r) => r * (1 - way.atLeast.below)));
  const high = Math.max(...ends, ...known.map((r) => r * (1 + way.atLeast.above)));
  const whyNone = sides
    .flatMap((s) => s.study.levels.map((l) => way.value(l).reason))
    .find((reason) => reason !== undefined);
  return { rungs, references, low, high, unit: way.unit, decimals: way.decimals, whyNone };
}

function rung(level: FadeLevel, at: number, way: Way): Rung[] {
  const value = way.value(level).value;
  if (value === undefined) return [];
  return [
    {
      at,
      value: way.of(value),
      plusMinus: 2 * way.of(way.u(level).value ?? 0),
      discC: level.discC.value,
      gripLimited: level.gripLimited,
    },
  ];
}
