import type { Figure, Figures, Schemas } from './figures';
import type { Limit } from './plan';

export type FadeLevel = Figures<Schemas['Level']>;
export type FadeGroup = Figures<Schemas['Group']>;
export type TrendLine = Figures<Schemas['TrendLine']>;
export type FadeStudy = Omit<
  Figures<Schemas['FadeStudy']>,
  'levels' | 'thirds' | 'phases' | 'perStop' | 'per100C' | 'onset' | 'cause'
> & {
  levels: FadeLevel[];
  thirds: FadeGroup[];
  phases: FadeGroup[];
  perStop: TrendLine;
  per100C: TrendLine;
  onset: Figures<Schemas['OnsetFit']>;
  cause: Figures<Schemas['CauseReading']>;
};
export type FadeSide = {
  configurationId: string;
  name: string;
  study: FadeStudy;
  stopIds: string[];
  struckOut: number;
  atAnotherSpeed: number;
  causeWords: string;
  cureWords: string;
  costWords: string;
  confidenceWords: string;
  limits: LimitReading[];
  againstFirst: Figures<Schemas['FadeDifference']> | null;
};
export type LimitReading = Omit<Schemas['LimitReading'], 'limit' | 'worst'> & { limit: Limit; worst: Figure };
/** Of stops from one speed with one load; the test's others are each by themselves. */
export type Fade = {
  reference: string;
  nominalMps: number;
  load: string | null;
  sides: FadeSide[];
  others: Fade[];
};
export type Judder = {
  tyreRadiusM: Figure;
  sides: {
    configurationId: string;
    stops: { number: number; judder: { deceleration: Figure[]; noise: Figure[]; pressure: Figure[] } }[];
    growing: Schemas['Growing'][];
  }[];
};
