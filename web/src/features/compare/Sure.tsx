import type { Pair } from '../../api/types';
import { usePreferences } from '../../app/preferences';
import { number } from '../../units/units';
import { byChance, howSure } from './words';

/** How sure the verdict is, under its sentence. */
export function Sure({ pair, time }: { pair: Pair; time: boolean }) {
  const { units } = usePreferences();
  const shown = time ? units.deceleration : units.distance;
  if (!pair.interval95) {
    return <>The figures of each side stand below; nothing is claimed about their difference.</>;
  }
  const sign = time ? 1 : -1;
  const ends = [sign * shown.of(pair.interval95.low), sign * shown.of(pair.interval95.high)].sort(
    (x, y) => x - y,
  );
  return (
    <>
      <b className="font-[650] text-ink">{howSure(pair.p.value)}.</b> 95 % range{' '}
      {number(ends[0] ?? 0, shown.decimals)} to {number(ends[1] ?? 0, shown.decimals)} {shown.unit}{' '}
      {time ? 'harder' : 'shorter'}; {byChance(pair.p.value)}. For this car, load, tyres and lane.
    </>
  );
}
