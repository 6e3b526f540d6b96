import type { components } from './schema';

type Schemas = components['schemas'];

/** A figure, or the reason why there is none. */
export type Figure = { value?: number; reason?: string };

type Figures<T> = {
  [K in keyof T]: T[K] extends Schemas['WrittenFigure'] ? Figure : T[K];
};

export type MeasuredStop = Omit<Figures<Schemas['MeasuredStop']>, 'uncertainty' | 'fused'> & {
  uncertainty: Figures<Schemas['StopUncertainty']>;
  fused: Figures<Schemas['FusedStop']>;
};
export type SheetStop = Schemas['SheetStop'];
export type StopView = Omit<
  Figures<Schemas['StopView']>,
  'measured' | 'automatic' | 'byHand' | 'recordingId'
> & {
  measured: MeasuredStop | null;
  automatic: MeasuredStop | null;
  byHand: SheetStop | null;
  recordingId: string | null;
};
export type TestDetail = Omit<Schemas['TestDetail'], 'stops'> & { stops: StopView[] };
export type TestSummary = Omit<Schemas['TestSummary'], 'verdict' | 'candidate'> & {
  verdict: Verdict | null;
  candidate: string | null;
};
export type Verdict = Schemas['TestSummary']['verdict'];
export type Check = Schemas['CheckView'];
export type Interval = Schemas['Interval'];
export type Side = Figures<Schemas['SideView']>;
export type Pair = Omit<
  Figures<Schemas['Pair']>,
  'interval95' | 'interval90' | 'metres' | 'sdRatioInterval'
> & {
  interval95: Interval | null;
  interval90: Interval | null;
  sdRatioInterval: Interval | null;
  metres: Schemas['Metres'] | null;
};
export type Comparison = Omit<
  Schemas['ComparisonView'],
  'sides' | 'comparisons' | 'carLengthM' | 'carWidthM'
> & {
  sides: Side[];
  comparisons: Pair[];
  carLengthM: number | null;
  carWidthM: number | null;
};
export type Trace = Schemas['StopTrace'];
export type ImportPreview = Omit<Schemas['ImportPreview'], 'alreadyIn' | 'log' | 'sheet'> & {
  alreadyIn: (Omit<Schemas['AlreadyIn'], 'testId'> & { testId: string | null }) | null;
  log: (Omit<Schemas['LogPreview'], 'stops'> & { stops: MeasuredStop[] }) | null;
  sheet: Schemas['SheetPreview'] | null;
};
export type Role = Schemas['ColumnView']['role'];
export type Vehicle = Schemas['VehicleView'];
export type Configuration = Schemas['ConfigurationView'];
export type SaveRequest = Omit<Schemas['SaveRequest'], 'newVehicle' | 'newTest' | 'conditions'> & {
  newVehicle: Partial<Vehicle> | null;
  newTest: (Omit<Schemas['TestRequest'], 'grade'> & { grade: number | null }) | null;
  conditions: { [K in keyof Schemas['Conditions']]: Schemas['Conditions'][K] | null };
};
export type DecisionRequest = Schemas['DecisionRequest'];
export type EdgeRequest = Omit<Schemas['Edges'], 'onsetS' | 'endS'> & {
  onsetS: number | null;
  endS: number | null;
};
