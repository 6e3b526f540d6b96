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
export type TestDetail = Omit<Schemas['TestDetail'], 'stops' | 'expectation'> & {
  stops: StopView[];
  expectation: Schemas['Expectation'] | null;
};
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
export type Configuration = Required<Omit<Schemas['ConfigurationView'], 'replacesId'>> & {
  replacesId: string | null;
};
/** As typed; what comes from the server has its value inside as well. */
export type Quantity = Pick<Schemas['WrittenQuantity'], 'entered' | 'unit'> & { inside?: number };
export type GarageForm = Schemas['GarageForm'];
export type Entry = GarageForm['vehicle'][number];
export type Part = Pick<Schemas['Part'], 'description' | 'condition'> & {
  cost: number | null;
  since: string | null;
  bedding: Bedding | null;
  figures: Record<string, Quantity>;
  uncertainties: Record<string, Quantity>;
};
export type Bedding = {
  [K in keyof Schemas['BeddingIn']]: Schemas['BeddingIn'][K] extends Schemas['WrittenQuantity']
    ? Quantity
    : Schemas['BeddingIn'][K];
};
export type Difference = Figures<Omit<Schemas['DifferenceView'], 'warning'>> & { warning: string | null };
type LaneQuantities = 'length' | 'runOff' | 'grade';
export type LaneSpec = Omit<Schemas['LaneSpec'], LaneQuantities> & { [K in LaneQuantities]: Quantity };
export type LaneView = { id: string; lane: LaneSpec; version: number };
export type Phase = Omit<Schemas['Phase'], 'target' | 'gate' | 'from' | 'to' | 'adjuster'> & {
  from: Quantity;
  to: Quantity;
  target: Quantity | null;
  adjuster: Quantity | null;
  gate: Gate;
};
export type Gate = { [K in 'coldest' | 'hottest' | 'soonest' | 'latest']: Quantity | null };
export type Limit = Omit<Schemas['Limit'], 'value'> & { value: Quantity };
export type Procedure = Omit<Schemas['Procedure'], 'phases' | 'limits'> & {
  phases: Phase[];
  limits: Limit[];
};
export type ProcedureView = Omit<Schemas['ProcedureView'], 'procedure'> & { procedure: Procedure };
type PlanQuantities = 'speed' | 'margin' | 'slot' | 'ambient' | 'fitting' | 'turnRound';
export type Plan = Omit<
  Required<Schemas['PlanRequest']>,
  'laneId' | 'expectedStop' | 'limit' | 'crew' | PlanQuantities
> & { [K in PlanQuantities]: Quantity } & {
  crew: { names: Record<string, string> };
  laneId: string | null;
  expectedStop: Quantity | null;
  limit: Quantity | null;
};
export type Stretch = Schemas['Stretch'];
export type ClockItem = Figures<Schemas['DayClock']['items'][number]>;
export type Forecast = Omit<Schemas['ForecastView'], 'forecast' | 'hottestC'> & {
  hottestC: Figure;
  forecast: Omit<Schemas['Forecast'], 'missingM' | 'clock'> & {
    missingM: Figure;
    clock: { items: ClockItem[]; warnings: string[] };
  };
};
export type PlanView = {
  plan: Plan | null;
  forecast: Forecast | null;
  expectation: string | null;
  expectedBy: string | null;
  sealedAt: string | null;
  safety: { gate: { seen: string[]; signedBy: string }; signedAt: string } | null;
};
export type PlanForm = Schemas['PlanForm'];
export type Weather = Omit<Figures<Schemas['Weather']>, 'lastAt'> & { lastAt: string | null };
export type Device = Omit<Schemas['DeviceView'], 'lastSeenAt'> & { lastSeenAt: string | null };
export type Outlook = Omit<Schemas['Outlook'], 'brakeForceShare' | 'rises'> & {
  brakeForceShare: Figure;
  rises: Figures<Schemas['Rise']>[];
};
export type LapHeat = Schemas['LapHeatView'];
export type LapHeatRequest = {
  [K in 'mass' | 'axleShare' | 'disc' | 'cooling' | 'ambient']: Quantity;
} & { wheels: number; laps: number; brakings: Braking[] };
export type Braking = { from: Quantity; to: Quantity; gap: Quantity };
export type BroughtIn = Schemas['BroughtIn'];
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
