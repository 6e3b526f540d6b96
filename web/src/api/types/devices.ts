import type { Figures, Quantity, Schemas } from './figures';

export type Weather = Omit<Figures<Schemas['Weather']>, 'lastAt'> & { lastAt: string | null };
export type Device = Omit<Schemas['DeviceView'], 'lastSeenAt' | 'clockAheadS'> & {
  lastSeenAt: string | null;
  clockAheadS: number | null;
};
export type LastReading = Omit<Schemas['LastReading'], 'value'> & { value: Quantity };
