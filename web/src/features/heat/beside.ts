import type { Figure, HeatSide } from '../../api/types';
import { number, span, type UnitTable } from '../../units/units';

/** Speeds further apart than this share are not alike. */
const LIKE_SPEED = 0.03;
const LIKE_ENERGY = 0.1;

/** What a cooling device did, the discs and the stops in one sentence: one that cools may lengthen the stop. */
export function besideWords(baseline: HeatSide, side: HeatSide, units: UnitTable): string {
  return `${[coolingWords(baseline, side), hottestWords(baseline, side, units), stopWords(baseline, side, units)].join('; ')}.`;
}

/** Where the two were not driven alike, so that their temperatures cannot be held against each other. */
export function unlikeWords(baseline: HeatSide, side: HeatSide, units: UnitTable): string | undefined {
  const apart = (a: Figure, b: Figure, most: number) =>
    a.value !== undefined && b.value !== undefined && Math.abs(b.value / a.value - 1) > most;
  const { entryMps: vA, energyJ: eA } = baseline.stopping;
  const { entryMps: vB, energyJ: eB } = side.stopping;
  const said = [
    apart(vA, vB, LIKE_SPEED) &&
      `entry speed ${number(units.speed.of(vB.value ?? 0), 1)} against ${number(units.speed.of(vA.value ?? 0), 1)} ${units.speed.unit}`,
    apart(eA, eB, LIKE_ENERGY) &&
      `energy ${number((eB.value ?? 0) / 1000, 0)} against ${number((eA.value ?? 0) / 1000, 0)} kJ`,
  ].filter((w) => w !== false);
  return said.length === 0
    ? undefined
    : `Not driven alike: ${said.join(', ')}. Hold the temperatures against that.`;
}

const front = <T>(of: { FRONT_LEFT?: T; FRONT_RIGHT?: T }) => of.FRONT_LEFT ?? of.FRONT_RIGHT;

function coolingWords(baseline: HeatSide, side: HeatSide): string {
  const a = front(baseline.cooling);
  const b = front(side.cooling);
  if (a?.tauS.value === undefined || b?.tauS.value === undefined) {
    return 'how fast each cools is not known for both';
  }
  const taus = `${number(b.tauS.value, 0)} against ${number(a.tauS.value, 0)} s`;
  const overlap = (b.lowS.value ?? 0) <= (a.highS.value ?? 0) && (a.lowS.value ?? 0) <= (b.highS.value ?? 0);
  if (overlap) return `cools as fast, as far as can be told (${taus})`;
  return `cools ${b.tauS.value < a.tauS.value ? 'faster' : 'slower'} (${taus})`;
}

function hottestWords(baseline: HeatSide, side: HeatSide, units: UnitTable): string {
  const a = front(baseline.study.corners)?.hottestC.value;
  const b = front(side.study.corners)?.hottestC.value;
  if (a === undefined || b === undefined) return 'the hottest peaks are not known for both';
  const apart = span(b - a, units.temperature);
  return `its hottest front peak is ${number(Math.abs(apart), 0)} ${units.temperature.unit} ${apart < 0 ? 'cooler' : 'hotter'}`;
}

function stopWords(baseline: HeatSide, side: HeatSide, units: UnitTable): string {
  const { meanM: a, halfWidthM: halfA } = baseline.stopping;
  const { meanM: b, halfWidthM: halfB } = side.stopping;
  if (a.value === undefined || b.value === undefined) return 'what the stops took is not known for both';
  const { of, unit } = units.distance;
  const apart = b.value - a.value;
  const way = apart < 0 ? 'shorter' : 'longer';
  if (halfA.value === undefined || halfB.value === undefined) {
    return `its mean stop is ${number(of(Math.abs(apart)), 1)} ± ? ${unit} ${way}`;
  }
  const half = Math.hypot(halfA.value, halfB.value);
  const size = `${number(of(Math.abs(apart)), 1)} ± ${number(of(half), 1)} ${unit}`;
  return Math.abs(apart) <= half
    ? `its stops cannot be told from A’s in length (${size} ${way})`
    : `its stops are ${size} ${way}`;
}
