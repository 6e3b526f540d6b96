import type { Fade, FadeSide, Figure } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { figure, number, signed, type UnitTable } from '../../units/units';

/** A loss smaller than this is not worth a word. */
const SHOWS = 0.05;

/** What the series of each configuration say, in a sentence each. */
export function fadeAnswer(sides: readonly FadeSide[], units: UnitTable): string {
  return sides.map((s, i) => sideAnswer(s, letterOf(i), units)).join(' ');
}

/** What tells a series from the test's others. */
export function seriesName({ nominalMps, load }: Fade, units: UnitTable): string {
  const { of, unit } = units.speed;
  return `Stops from ${number(of(nominalMps), 0)} ${unit}${load === null ? '' : `, ${load}`}`;
}

/** What a series was read from, against which stops, and what was left out. */
export function readWords({ sides, reference }: Fade): string {
  const measures = [...new Set(sides.map((s) => MEASURES[s.study.measure]))].join('; ');
  const against = reference === 'FIRST_STOP' ? 'stop 1' : 'the first three stops in the start window';
  const left = (of: (s: FadeSide) => number, which: string) => {
    const n = sides.reduce((sum, s) => sum + of(s), 0);
    return n === 0 ? '' : `; ${n} ${n === 1 ? 'stop' : 'stops'} ${which} left out`;
  };
  const out =
    left((s) => s.struckOut, 'that people struck out') + left((s) => s.atAnotherSpeed, 'from another speed');
  return `Read from ${measures}, in % of ${against}${out}.`;
}

/** What must be said before anything else, where the fluid may have boiled or the cause cannot be told. */
const FIRST: Partial<Record<string, string>> = {
  FLUID: 'has a long pedal, by air or vapour in its fluid: end testing, have it inspected and bled',
  BOTH: 'has a long pedal, by air or vapour in its fluid, and its pads fade: end testing, have it inspected and bled',
  PAD_OR_FLUID: 'fades by its pads, or by its fluid too; nobody noted the pedal',
  FADE_OR_LESS_PRESSURE: 'fades, or was pressed less hard; without line pressure nobody can tell',
  PRESSED_LESS_OR_FLUID: 'was pressed less hard, or has vapour in its fluid; nobody noted the pedal',
};

function sideAnswer({ study }: FadeSide, letter: string, units: UnitTable): string {
  const late = study.cause.relEffectiveness.value;
  const first = FIRST[study.cause.cause];
  if (study.cause.cause === 'GRIP_LIMITED')
    return `${letter} was held back by its tyres: its brakes cannot be read.`;
  if (late === undefined) {
    return first ? `${letter} ${first}.` : `${letter} has too few stops to be read for fade.`;
  }
  const loss = 1 - late;
  const t = units.temperature;
  const seen = study.onset.accepted ? study.onset.onsetC.value : undefined;
  const from = seen === undefined ? '' : ` from ${number(t.of(seen), 0)} ${t.unit} on`;
  const by = `${number(100 * loss, 0)} % by its last three stops`;
  if (first) return loss < SHOWS ? `${letter} ${first}.` : `${letter} ${first}. It loses ${by}${from}.`;
  if (loss < SHOWS) {
    return seen === undefined
      ? `${letter} loses none that shows.`
      : `${letter} begins to fade at ${number(t.of(seen), 0)} ${t.unit}, by ${number(100 * loss, 0)} % so far.`;
  }
  // A slight loss that more stops would have to settle is not called fade anywhere on the page.
  if (study.cause.cause === 'SLIGHT') return `${letter} loses ${by}; whether that is fade is not settled.`;
  return `${letter} fades${from} and loses ${by}.`;
}

/** From when on, or up to where nothing was seen. */
export function onsetWords({ study }: FadeSide, units: UnitTable): string {
  const { onset } = study;
  const t = units.temperature;
  if (onset.accepted && onset.onsetC.value !== undefined) {
    const low = number(t.of(onset.lowC.value ?? onset.onsetC.value), 0);
    const high = number(t.of(onset.highC.value ?? onset.onsetC.value), 0);
    const per = number((100 * (onset.perC.value ?? 0) * 10) / (t.of(1) - t.of(0)), 1);
    // Beside a loss that is not settled nothing is called fade without an if.
    const begins = study.cause.cause === 'SLIGHT' ? 'If it is fade, it begins' : 'Fade begins';
    return `${begins} at ${number(t.of(onset.onsetC.value), 0)} ${t.unit} (${low} to ${high}, about nine times in ten); then ${per} % is lost every 10 ${t.unit}.`;
  }
  return onset.hottestC.value === undefined
    ? `No onset can be told: ${onset.hottestC.reason ?? ''}.`
    : `No onset seen up to ${number(t.of(onset.hottestC.value), 0)} ${t.unit}.`;
}

/** How much longer it takes by the end, and what the car still does where it once stood; nothing where distances are unknown. */
export function growthWords({ study }: FadeSide, units: UnitTable): string {
  const { growthM, growthHalfM, speedCarriedMps } = study;
  if (growthM.value === undefined) return '';
  const { of, unit } = units.distance;
  const half = growthHalfM.value;
  const apart = `${number(Math.abs(of(growthM.value)), 1)} ± ${half === undefined ? '?' : number(of(half), 1)} ${unit}`;
  if (half !== undefined && Math.abs(growthM.value) <= half) {
    return `The last stops cannot be told from the reference in distance: ${apart} ${growthM.value < 0 ? 'shorter' : 'longer'}.`;
  }
  const carried =
    speedCarriedMps.value === undefined
      ? ''
      : `; where that stood, they still do ${figure(speedCarriedMps, units.speed, 0)} ${units.speed.unit}`;
  return `The last stops are ${apart} ${growthM.value > 0 ? 'longer' : 'shorter'} than the reference${carried}.`;
}

/** One configuration against the first: at like stops, and at the hottest that both have been. */
export function differenceWords(
  letter: string,
  d: NonNullable<FadeSide['againstFirst']>,
  units: UnitTable,
): string {
  const t = units.temperature;
  const points = (value: Figure, half: Figure) =>
    value.value === undefined
      ? `not known: ${value.reason ?? ''}`
      : `${signed(100 * value.value, 0)} ± ${half.value === undefined ? '?' : number(100 * half.value, 0)} %`;
  const stops = d.fromStop === d.toStop ? `stop ${d.toStop}` : `stops ${d.fromStop} to ${d.toStop}`;
  const heat =
    d.atC.value === undefined
      ? `at like temperature not known: ${d.atC.reason ?? ''}`
      : `at ${number(t.of(d.atC.value), 0)} ${t.unit}, the hottest both have been, ${points(d.byTemperature, d.byTemperatureHalf)}`;
  return `${letter} against A: at ${stops} ${points(d.byStop, d.byStopHalf)}; ${heat}.`;
}

/** The measure in words, for axes and captions. */
export const MEASURES: Record<string, string> = {
  PER_BAR: 'deceleration for the line pressure',
  BY_DECELERATION: 'deceleration (no line pressure was logged)',
  BY_DISTANCE: 'the inverse of the distance (only a tape was there)',
};
