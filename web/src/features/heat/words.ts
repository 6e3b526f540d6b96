import type { HeatSide, Peak, PeakClue, PeakSource, Wheel } from '../../api/types';
import { number, span, type UnitTable } from '../../units/units';

/** How the line of each disc is drawn. */
export const LOOKS: Record<Wheel, { width: number; dash?: string }> = {
  FRONT_LEFT: { width: 2.4 },
  FRONT_RIGHT: { width: 1.2 },
  REAR_LEFT: { width: 1.8, dash: '7 3' },
  REAR_RIGHT: { width: 1.2, dash: '3 3' },
};

/** The same in words. */
export const LOOK_WORDS: Record<Wheel, string> = {
  FRONT_LEFT: 'thick',
  FRONT_RIGHT: 'thin',
  REAR_LEFT: 'dashed',
  REAR_RIGHT: 'short dashed',
};

/** The hottest that any disc was, °C. */
export function hottestOf(side: HeatSide): number | undefined {
  const all = side.study.stops.flatMap((s) =>
    Object.values(s.discs).flatMap((d) => d.peak.peakC.value ?? []),
  );
  return all.length === 0 ? undefined : Math.max(...all);
}

const SOURCES: Record<PeakSource, string> = {
  SENSOR: 'sensor',
  PROBE: 'contact probe',
  BLACKENED: 'blackened patch',
  BARE: 'bare metal',
  LADDER: 'ladder',
};

/** By what a disc was read, in a word or two. */
export const sourceWord = (source: PeakSource) => SOURCES[source];

/** What one clue says, in the units of its reader. */
export function clueWords(clue: PeakClue, units: UnitTable): string {
  const t = units.temperature;
  const face = clue.face ? `, ${clue.face.toLowerCase()} face` : '';
  if (clue.source === 'LADDER') {
    const { atLeastC, belowC } = clue;
    const from =
      atLeastC.value === undefined
        ? (atLeastC.reason ?? '')
        : `at least ${number(t.of(atLeastC.value), 0)} ${t.unit}`;
    const below =
      belowC.value === undefined ? (belowC.reason ?? '') : `below ${number(t.of(belowC.value), 0)} ${t.unit}`;
    return `${from}; ${below}`;
  }
  const peak = `${number(t.of(clue.peakC.value ?? 0), 0)} ± ${number(2 * span(clue.peakU.value ?? 0, t), 0)} ${t.unit}`;
  return clue.lateS > 0
    ? `${number(t.of(clue.readC.value ?? 0), 0)} after ${number(clue.lateS, 0)} s${face}: ${peak} at the peak`
    : `${peak}${face}`;
}

/** Every temperature of a peak that a picture has to have room for, °C. */
export const clueTops = (peak: Peak): number[] =>
  [peak.peakC, ...peak.clues.flatMap((c) => [c.peakC, c.belowC, c.atLeastC])].flatMap((f) =>
    f.value === undefined ? [] : [f.value],
  );
