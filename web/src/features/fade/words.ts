import type { Fade } from '../../api/types';
import { number, type UnitTable } from '../../units/units';

/** What tells a series from the test's others. */
export function seriesName(
  { nominalMps, load }: Pick<Fade, 'nominalMps' | 'load'>,
  units: UnitTable,
): string {
  const { of, unit } = units.speed;
  return `Stops from ${number(of(nominalMps), 0)} ${unit}${load === null ? '' : `, ${load}`}`;
}
