import type { Comparison, Pair } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { number, said, type UnitTable } from '../../units/units';

const SURE_WORDS = {
  VERY_SURE: 'Very sure',
  FAIRLY_SURE: 'Fairly sure',
  LEANING: 'Leaning',
  CANNOT_TELL: 'Can’t tell',
} as const;

/** How sure, as the server judged it: made in one place, and never beside a verdict that it contradicts. */
export function howSure(pair: Pair): string {
  return SURE_WORDS[pair.howSure];
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
  ORDER: 'All of one was driven before all of the other: a drift of the day could do this.',
  REFERENCE: 'Wheels locked or slipped.',
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

/** The doubt that matters most: an order that could have made the difference, else the first of the cautions. */
function doubtOf(pair: Pair): string {
  const drift = pair.orderAdjusted && spansNothing(pair.orderAdjusted.interval);
  const code = drift ? 'ORDER' : pair.checks.find((k) => k.level === 'CAUTION' && k.code !== 'ORDER')?.code;
  const past = pair.extended ? ' It was driven past its plan, which this allows for.' : '';
  return `${code ? ` ${CAUTION_WORDS[code] ?? ''}` : ''}${past}`;
}

const spansNothing = (range: { low: number; high: number }) => range.low <= 0 && range.high >= 0;

/** Which way a difference goes, in words. */
function way(difference: number | undefined, time: boolean): string {
  const d = difference ?? 0;
  if (time) return d > 0 ? 'harder' : 'less hard';
  return d < 0 ? 'shorter' : 'longer';
}

/** A range of differences, smaller end first, each end with its own direction where they differ. */
export function rangeWords(range: { low: number; high: number }, time: boolean, units: UnitTable): string {
  const shown = time ? units.deceleration : units.distance;
  const size = (x: number) => number(Math.abs(shown.of(x)), shown.decimals);
  if (spansNothing(range)) {
    return `from ${size(range.low)} ${shown.unit} ${way(range.low, time)} to ${size(range.high)} ${shown.unit} ${way(range.high, time)}`;
  }
  const [near, far] =
    Math.abs(range.low) < Math.abs(range.high) ? [range.low, range.high] : [range.high, range.low];
  return `${size(near)} to ${size(far)} ${shown.unit} ${way(far, time)}`;
}

/** Why a difference that was seen is not shown. */
function unsettled(pair: Pair): string {
  const floor = pair.instrumentFloor.value;
  if (floor === undefined || Math.abs(pair.difference.value ?? 0) < floor) {
    return 'but that is below what was measured with';
  }
  return pair.interval && spansNothing(pair.interval)
    ? 'but chance could do that'
    : 'but it is not beyond what looking so often could bring about';
}

/** The verdict as one sentence, with the largest caution in it. */
export function verdictSentence(pair: Pair, a: Letter, b: Letter, c: Comparison, units: UnitTable): string {
  const time = c.basis === 'TIME_ONLY';
  const shown = time ? units.deceleration : units.distance;
  const d = pair.difference.value;
  const size = d === undefined ? '' : `${number(Math.abs(shown.of(d)), shown.decimals)} ${shown.unit}`;
  const from = `from ${number(units.speed.of(c.nominalSpeed), 0)} ${units.speed.unit}`;
  const doubt = doubtOf(pair);
  const which = way(d, time);
  switch (pair.verdict) {
    case 'GAIN_SHOWN':
    case 'LOSS_SHOWN':
      return `${b} ${time ? 'slows' : 'stops'} ${size} ${which} than ${a} ${from}.${doubt}`;
    case 'NO_WORTHWHILE_DIFFERENCE':
      return `${a} and ${b} stop alike ${from}: any difference is smaller than what is worth having.${doubt}`;
    case 'NOT_COMPARABLE': {
      const block = pair.checks.find((k) => k.level === 'BLOCK');
      return `No verdict: ${block ? `${block.title.toLowerCase()} is not met, ${said(block.evidence, units)}` : 'the two cannot be compared'}.`;
    }
    default:
      return `Not settled: ${b} was ${size} ${which} than ${a} ${from}, ${unsettled(pair)}.${doubt}`;
  }
}

/** Whether the difference is worth having, as far as its range tells. */
function worth(pair: Pair, margin: string): string {
  if (pair.worthwhile) return `, and all of the range is worth having (${margin})`;
  const size = pair.margin.value;
  const small = size !== undefined && pair.interval && pair.interval.low > -size && pair.interval.high < size;
  return small
    ? `, and it is less than what is worth having (${margin})`
    : `; whether it is worth having (${margin}) is not`;
}

/** What to do next, from the power of the stops there are. */
export function nextStep(pair: Pair, a: Letter, b: Letter, units: UnitTable, time: boolean): string {
  const shown = time ? units.deceleration : units.distance;
  const told1 = (x: number | undefined) =>
    x === undefined ? '' : `${number(shown.of(x), shown.decimals)} ${shown.unit}`;
  const margin = told1(pair.margin.value);
  const more = pair.stopsToSettle.value;
  const smallest =
    pair.smallestDifference.value === undefined
      ? ''
      : ` With the stops there are, ${told1(pair.smallestDifference.value)} can be seen four times in five.`;
  if (pair.verdict === 'NOT_COMPARABLE') {
    return 'Mend what blocks it: drive the stops that are missing, or drive both sides again under the same conditions.';
  }
  if (pair.verdict === 'NOT_SETTLED') {
    if (more === undefined) {
      return 'No number of stops would settle this: the instruments cannot see it. Read the entry speed of every stop, and measure both sides with the same instrument.';
    }
    return more === 0
      ? `There are stops enough to find ${margin}, the difference that is worth having; what was seen is smaller than that and larger than nothing.${smallest}`
      : `${more} more ${more === 1 ? 'stop' : 'stops'} of each would find a difference of ${margin} four times in five.${smallest}`;
  }
  if (pair.orderAdjusted && spansNothing(pair.orderAdjusted.interval)) {
    return `Drive three stops of ${a} again: a return to the baseline tells a drift of the day from the change.${smallest}`;
  }
  return pair.verdict === 'NO_WORTHWHILE_DIFFERENCE'
    ? `${b} against ${a} is settled: keep whichever costs less.${smallest}`
    : `${b} against ${a} is settled${worth(pair, margin)}.${smallest}`;
}
