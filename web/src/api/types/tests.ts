import type { Figures, Interval, Schemas } from './figures';
import type { StopView } from './stops';

export type TestDetail = Omit<Schemas['TestDetail'], 'stops' | 'expectation'> & {
  stops: StopView[];
  expectation: Schemas['Expectation'] | null;
};
export type TestSummary = Omit<Schemas['TestSummary'], 'verdict' | 'candidate' | 'fluidShown'> & {
  verdict: Verdict | null;
  candidate: string | null;
  fluidShown: string | null;
};
export type Verdict = Schemas['TestSummary']['verdict'];
export type Check = Schemas['CheckView'];
export type Side = Figures<Schemas['SideView']>;
export type Pair = Omit<
  Figures<Schemas['Pair']>,
  'interval95' | 'interval90' | 'interval' | 'metres' | 'sdRatioInterval' | 'orderAdjusted'
> & {
  interval: Interval | null;
  orderAdjusted: Schemas['OrderView'] | null;
  interval95: Interval | null;
  interval90: Interval | null;
  sdRatioInterval: Interval | null;
  metres: Schemas['Metres'] | null;
};
export type Comparison = Omit<
  Schemas['ComparisonView'],
  'sides' | 'comparisons' | 'carLengthM' | 'carWidthM' | 'phase' | 'others'
> & {
  phase: string | null;
  others: Comparison[];
  sides: Side[];
  comparisons: Pair[];
  carLengthM: number | null;
  carWidthM: number | null;
};
