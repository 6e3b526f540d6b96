import { useDiscs } from '../../reader/discs';
import { word } from '../../ui/labels';
import type { Wheel } from '../../api/types';
import type { System } from '../../units/units';

/** The discs or drums, as labels, in the order in which people read them off. */
export const useWheels = () => useDiscs().map(([wheel, name]): [Wheel, string] => [wheel, word(name)]);

/** A temperature as typed, in °C. */
export const inside = (typed: number, system: System) => (system === 'metric' ? typed : (typed - 32) / 1.8);
