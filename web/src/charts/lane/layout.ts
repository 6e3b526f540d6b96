import type { Pair, Side } from '../../api/types';
import type { Letter } from '../letters';

export const WIDE_ROW = 57;
export const NARROW_ROW = 92;
/** Below this width names stand above the strokes, and the car's outline gives way to a sentence. */
export const NARROW = 700;
export const TOP = 22;
export const INSET = 14;

export type LaneRow = { side: Side; letter: Letter; pair: Pair | null };
export type Car = { lengthM: number; widthM: number };
/** A distance that others gave, scaled to the speed of these stops. */
export type LaneMark = { id: string; metres: number; label: string };
export type Stopped = { id: string };

/** Whether a difference may be drawn as one. */
export const isShown = (pair: Pair | null) =>
  pair?.verdict === 'GAIN_SHOWN' || pair?.verdict === 'LOSS_SHOWN';
