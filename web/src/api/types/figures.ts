import type { components } from '../schema';

/** What the server documents of itself. */
export type Schemas = components['schemas'];

/** A figure, or the reason why there is none. */
export type Figure = { value?: number; reason?: string };
export type Figures<T> = {
  [K in keyof T]: T[K] extends Schemas['WrittenFigure'] ? Figure : T[K];
};
export type Interval = Schemas['Interval'];
/** As typed; what comes from the server has its value inside as well. */
export type Quantity = Pick<Schemas['WrittenQuantity'], 'entered' | 'unit'> & { inside?: number };
export type Wheel = 'FRONT_LEFT' | 'FRONT_RIGHT' | 'REAR_LEFT' | 'REAR_RIGHT';
export type Summary = Figures<Schemas['Summary']>;
