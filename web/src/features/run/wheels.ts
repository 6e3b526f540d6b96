import type { Wheel } from '../../api/types';
import type { System } from '../../units/units';

/** In the order in which people read them off. */
export const WHEELS: [Wheel, string][] = [
  ['FRONT_LEFT', 'Front left'],
  ['FRONT_RIGHT', 'Front right'],
  ['REAR_LEFT', 'Rear left'],
  ['REAR_RIGHT', 'Rear right'],
];

/** A temperature as typed, in °C. */
export const inside = (typed: number, system: System) => (system === 'metric' ? typed : (typed - 32) / 1.8);
