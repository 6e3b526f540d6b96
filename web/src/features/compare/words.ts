import type { Comparison, Pair } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { number, type UnitTable } from '../../units/units';

/** How sure, in one fixed scale: the highest level at which the range still excludes no gain. */
export function howSure(p: number | undefined): string {
  if (p === undefined) return 'Can’t tell';
  if (p <= 0.01) return 'Very sure';
  if (p <= 0.05) return 'Fairly sure';
  return p <= 0.2 ? 'Leaning' : 'Can’t tell';
}

/** "By chance alone, once in so many tries": never the chance that there is no gain. */
export function byChance(p: number | undefined): string {
  if (p === undefined) return '';
  if (p < 0.001) return 'by chance alone, less than once in 1,000 tries';
  return p > 0.5
    ? 'by chance alone, more often than not'
    : `by chance alone, once in ${Math.round(1 / p)} tries`;
}

const CAUTION_WORDS: Partial<Record<string, string>> = {
  FACTORS: 'Several things changed together, so this cannot tell which did it.',
  AMBIENT: 'The air was not equally warm.',
  START_TEMPERATURE: 'The brakes were not equally warm at the start.',
  TYRE_PRESSURE: 'Tyre pressures were not alike.',
  OTHER_DAY: 'They were driven on different days.',
  LEARNING: 'One side drifts from stop to stop.',
  DRIFT: 'The baseline did not come back the same.',
  FEW_STOPS: 'There are few stops.',
  DRIVER: 'The driver changed.',
  GRIP: 'The tyres set these distances, not the brakes.',
  INSTRUMENTS: 'They were measured with different instruments.',
  STRUCK_OUT_SHARE: 'Many stops were struck out.',
  ENTRY_SPEED: 'Entry speeds were apart.',
  INSTRUMENT_FLOOR: 'The instruments cannot see so small a difference.',
  OUTLIER: 'One stop lies far from the rest.',
  BEDDING: 'New parts were not bedded in.',
  GRADE: 'The lane slopes and was driven one way.',
};

/** The verdict as one sentence, with the largest caution in it. */
export function verdictSentence(pair: Pair, a: Letter, b: Letter, c: Comparison, units: UnitTable): string {
  const time = c.basis === 'TIME_ONLY';
  const shown = time ? units.deceleration : units.distance;
  const d = pair.difference.value;
  const size = d === undefined ? '' : `${number(Math.abs(shown.of(d)), shown.decimals)} ${shown.unit}`;
  const from = `from ${number(units.speed.of(c.nominalSpeed), 0)} ${units.speed.unit}`;
  const caution = pair.checks.find((k) => k.level === 'CAUTION');
  const doubt = caution ? ` ${CAUTION_WORDS[caution.code] ?? ''}` : '';
  const way = time
    ? d !== undefined && d > 0
      ? 'harder'
      : 'less hard'
    : d !== undefined && d < 0
      ? 'shorter'
      : 'longer';
  switch (pair.verdict) {
    case 'GAIN_SHOWN':
    case 'LOSS_SHOWN':
      return time
        ? `${b} slows ${size} ${way} than ${a} ${from}.${doubt}`
        : `${b} stops ${size} ${way} than ${a} ${from}.${doubt}`;
    case 'NO_WORTHWHILE_DIFFERENCE':
      return `${a} and ${b} stop alike ${from}: any difference is smaller than what is worth having.${doubt}`;
    case 'NOT_COMPARABLE': {
      const block = pair.checks.find((k) => k.level === 'BLOCK');
      return `No verdict: ${block ? `${block.title.toLowerCase()} is not met, ${block.message}` : 'the two cannot be compared'}.`;
    }
    default:
      return `Not settled: ${b} was ${size} ${way} than ${a} ${from}, but chance could do that.${doubt}`;
  }
}

/** What to do next, from the power of the stops there are. */
export function nextStep(pair: Pair, a: Letter, b: Letter, units: UnitTable, time: boolean): string {
  const shown = time ? units.deceleration : units.distance;
  const margin =
    pair.margin.value === undefined
      ? ''
      : `${number(shown.of(pair.margin.value), shown.decimals)} ${shown.unit}`;
  const more = pair.stopsToSettle.value;
  const smallest =
    pair.smallestDifference.value === undefined
      ? ''
      : ` With the stops there are, ${number(shown.of(pair.smallestDifference.value), shown.decimals)} ${shown.unit} can be seen four times in five.`;
  switch (pair.verdict) {
    case 'NOT_COMPARABLE':
      return 'Mend what blocks it: drive the stops that are missing, or drive both sides again under the same conditions.';
    case 'NOT_SETTLED':
      return more === 0
        ? `There are stops enough to find ${margin}, the difference that is worth having; what was seen is smaller than that and larger than nothing.${smallest}`
        : `${more} more stops of each would find a difference of ${margin} four times in five.${smallest}`;
    case 'NO_WORTHWHILE_DIFFERENCE':
      return `${b} against ${a} is settled: keep whichever costs less.${smallest}`;
    default:
      return `${b} against ${a} is settled${pair.worthwhile ? `, and all of the range is worth having (${margin})` : `; whether it is worth having (${margin}) is not`}.${smallest}`;
  }
}
