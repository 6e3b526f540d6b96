import type { Pair } from '../../api/types';
import { usePreferences } from '../../app/preferences';
import { number } from '../../units/units';
import { byChance, howSure, rangeWords } from './words';

/** How sure the verdict is, under its sentence. */
export function Sure({ pair, time }: { pair: Pair; time: boolean }) {
  const { units } = usePreferences();
  if (!pair.interval || pair.verdict === 'NOT_COMPARABLE') {
    return <>The figures of each side stand below; nothing is claimed about their difference.</>;
  }
  const wider = widerBecause(pair);
  return (
    <>
      <b className="font-[650] text-ink">{howSure(pair)}.</b> {number(100 * pair.level, wider ? 1 : 0)} %
      range {rangeWords(pair.interval, time, units)}
      {wider}; {byChance(pair.chance.value)}. For this car, load, tyres and lane.
    </>
  );
}

function widerBecause(pair: Pair): string {
  if (pair.early) return ', wider because it was looked at before the planned end';
  if (pair.extended) return ', wider because it was driven past its planned end';
  return pair.level > 0.9501 ? ', a little wider because it may have been looked at on the way' : '';
}
