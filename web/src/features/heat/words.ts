import type { HeatSide, Wheel } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { number, type UnitTable } from '../../units/units';

export const WHEEL_NAMES: [Wheel, string][] = [
  ['FRONT_LEFT', 'front left'],
  ['FRONT_RIGHT', 'front right'],
  ['REAR_LEFT', 'rear left'],
  ['REAR_RIGHT', 'rear right'],
];

/** How hot it got and what that means for the pads, a sentence for each side. */
export function heatAnswer(sides: readonly HeatSide[], units: UnitTable): string {
  return sides.map((s, i) => sideAnswer(s, letterOf(i), units)).join(' ');
}

function sideAnswer(side: HeatSide, letter: string, units: UnitTable): string {
  const t = units.temperature;
  const hottest = hottestOf(side);
  if (!hottest) return `${letter}: no disc temperature is known.`;
  const over = side.fronts ? peaksAbove(side, side.fronts.toC) : 0;
  const pads = !side.fronts
    ? ''
    : over > 0
      ? `, ${over} of ${side.study.stops.length} stops over its pads’ window`
      : ', within its pads’ window';
  return `${letter} reached ${number(t.of(hottest.celsius), 0)} ${t.unit} (${hottest.name}, stop ${hottest.stop})${pads}.`;
}

/** The hottest that any disc was. */
export function hottestOf(side: HeatSide) {
  const all = side.study.stops.flatMap((s) =>
    WHEEL_NAMES.flatMap(([wheel, name]) => {
      const c = s.discs[wheel]?.peakC.value;
      return c === undefined ? [] : [{ celsius: c, name, stop: s.number }];
    }),
  );
  return all.reduce<(typeof all)[number] | undefined>(
    (best, x) => (best === undefined || x.celsius > best.celsius ? x : best),
    undefined,
  );
}

/** In how many stops a front disc went over a temperature. */
export const peaksAbove = (side: HeatSide, celsius: number) =>
  side.study.stops.filter((s) =>
    (['FRONT_LEFT', 'FRONT_RIGHT'] as const).some((w) => (s.discs[w]?.peakC.value ?? -1e9) > celsius),
  ).length;
