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
  'measured' | 'automatic' | 'byHand' | 'recordingId' | 'phase' | 'pedalFeel'
> & {
  phase: string | null;
  pedalFeel: string | null;
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
export type Forecast = Omit<Schemas['ForecastView'], 'forecast' | 'hottestC' | 'learntCooling'> & {
  learntCooling: string | null;
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
export type Device = Omit<Schemas['DeviceView'], 'lastSeenAt' | 'clockAheadS'> & {
  lastSeenAt: string | null;
  clockAheadS: number | null;
};
export type LastReading = Omit<Schemas['LastReading'], 'value'> & { value: Quantity };
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
export type Operator = Schemas['OperatorView'];
export type Wheel = 'FRONT_LEFT' | 'FRONT_RIGHT' | 'REAR_LEFT' | 'REAR_RIGHT';
export type HandReadings = {
  entrySpeed: Quantity | null;
  distances: { by: string; distance: Quantity }[];
  instrument: 'TAPE' | 'WHEEL' | 'STOPWATCH';
  time: Quantity | null;
  peaks: Partial<Record<Wheel, Quantity>>;
  lateS: number;
  pedal: 'FIRM' | 'NORMAL' | 'LONG_SOFT' | 'TO_THE_FLOOR' | null;
  lockSeen: boolean;
  rearFirst: boolean;
  switches: Record<string, boolean>;
  note: string;
};
export type CrackSeen = Omit<Schemas['CrackSeen'], 'length'> & { length: Quantity | null };
export type Photo = Schemas['PhotoView'];
/** What can happen in a run; the server knows what it makes of it. */
export type Happening =
  | { type: 'signed'; gate: { seen: string[]; signedBy: string } }
  | { type: 'discsRead'; celsius: Partial<Record<Wheel, number>> }
  | { type: 'laneCalled'; clear: boolean }
  | { type: 'started' }
  | { type: 'atRest' }
  | { type: 'wavedOff'; reason: string }
  | { type: 'entered'; readings: HandReadings }
  | { type: 'logged'; stop: LoggedStop }
  | { type: 'decided'; validity: Validity; reason: string }
  | { type: 'taskDone'; note: string }
  | { type: 'cracksSeen'; faces: CrackSeen[] }
  | { type: 'stopped'; rule: string | null; words: string }
  | { type: 'released'; inspected: string };
export type Validity = Schemas['JudgedStop']['judged'];
export type RunEvent = { id: string; atS: number; operatorId: string; what: Happening };
export type Happened = { seq: number; atS: number; by: string; what: Happening };
export type LoggedStop = Omit<Schemas['LoggedStop'], 'measured'> & { measured: MeasuredStop };
export type JudgedStop = Omit<
  Figures<Schemas['JudgedStop']>,
  'decision' | 'readings' | 'startC' | 'peaks' | 'logged'
> & {
  readings: HandReadings;
  logged: LoggedStop | null;
  startC: Partial<Record<Wheel, number>>;
  peaks: Partial<Record<Wheel, { celsius: number; uncertaintyC: number }>>;
  decision: Schemas['Ruling'] | null;
};
export type Gating = Omit<
  Figures<Schemas['GateView']>,
  'soonestAtS' | 'latestAtS' | 'laneUntilS' | 'window'
> & {
  soonestAtS: number | null;
  latestAtS: number | null;
  laneUntilS: number | null;
  window: { coldestC: number | null; hottestC: number | null };
};
export type RunReview = Schemas['RunReview'];
export type RunView = Omit<
  Schemas['RunView'],
  | 'approach'
  | 'halt'
  | 'stops'
  | 'gate'
  | 'fromMps'
  | 'discs'
  | 'steps'
  | 'progress'
  | 'sides'
  | 'devices'
  | 'review'
  | 'cracks'
> & {
  cracks: CrackSeen[];
  devices: Device[];
  review: RunReview | null;
  approach: { atS: number; restAtS: number | null } | null;
  halt: (Omit<Schemas['Halt'], 'rule'> & { rule: string | null }) | null;
  stops: JudgedStop[];
  gate: Gating;
  fromMps: number | null;
  discs: { wheel: Wheel; celsius: number; atS: number }[];
  steps: (Omit<Schemas['Step'], 'phase'> & { phase: Phase | null })[];
  sides: { name: string; switches: { name: string; label: string; on: boolean }[] }[];
  progress: {
    warnings: string[];
    sides: {
      name: string;
      values: number[];
      meanM: Figure;
      sdM: Figure;
      halfWidth95: Figure;
      early: { answer: string; words: string };
    }[];
  };
};

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
  struckOut: number;
  causeWords: string;
  cureWords: string;
  costWords: string;
  confidenceWords: string;
  limits: LimitReading[];
  againstFirst: Figures<Schemas['FadeDifference']> | null;
};
export type LimitReading = Omit<Schemas['LimitReading'], 'limit' | 'worst'> & { limit: Limit; worst: Figure };
export type Fade = { reference: string; sides: FadeSide[] };
export type Judder = {
  tyreRadiusM: Figure;
  sides: {
    configurationId: string;
    stops: { number: number; judder: { deceleration: Figure[]; noise: Figure[]; pressure: Figure[] } }[];
    growing: Schemas['Growing'][];
  }[];
};
export type PeakClue = Omit<Figures<Schemas['PeakClue']>, 'face'> & { face: 'OUTER' | 'INNER' | null };
export type PeakSource = PeakClue['source'];
/** How hot a disc really got, by all that tells of it. */
export type Peak = {
  peakC: Figure;
  peakU: Figure;
  source: PeakSource | null;
  clues: PeakClue[];
  doubts: string[];
};
export type HeatDisc = { troughC: Figure; peak: Peak };
export type Ladder = Schemas['LadderView'];
export type DiscForm = Schemas['DiscForm'];
export type DiscReading = {
  wheel: Wheel;
  source: PeakSource;
  face: 'OUTER' | 'INNER' | null;
  value: Quantity | null;
  late: Quantity | null;
  ladderId: string | null;
  changed: number | null;
  painted: boolean;
  by: string;
};
export type HeatReading = { id: string; stopId: string; stop: number; reading: DiscReading };
export type AirFlow = { method: string; speed: Quantity | null; seen: string; by: string };
export type AirFlowNote = {
  id: string;
  configurationId: string;
  seen: AirFlow;
  method: string;
  caveat: string;
};
export type Summary = Figures<Schemas['Summary']>;
export type HeatStop = { number: number; energyJ: Figure; discs: Partial<Record<Wheel, HeatDisc>> };
export type HeatTrace = {
  recordingId: string;
  block: number;
  t: number[];
  discs: Partial<Record<Wheel, (number | null)[]>>;
  marks: { number: number; fromS: number; toS: number }[];
};
export type HeatSide = {
  configurationId: string;
  name: string;
  fronts: { fromC: number; toC: number } | null;
  fluid: { boilsC: number; wet: boolean } | null;
  window: Figures<Schemas['PadWindow']> | null;
  study: {
    stops: HeatStop[];
    corners: Partial<Record<Wheel, Omit<Figures<Schemas['Corner']>, 'innerOverC'> & { innerOverC: Summary }>>;
    share: Figures<Schemas['Share']>;
    frontRear: { peakC: Summary; troughC: Summary };
    bareBelowC: Summary;
    remarks: string[];
  };
  cooling: Partial<Record<Wheel, Figures<Schemas['CoolingView']>>>;
  coolingAt: Figures<Schemas['At']>[];
  traces: HeatTrace[];
  stops: { id: string; number: number; block: number }[];
  readings: HeatReading[];
  stopping: Figures<Schemas['StoppingView']>;
};
export type LapCorner = {
  atM: number;
  v1: Summary;
  v2: Summary;
  energyJ: Summary;
  gapS: Summary;
  troughC: Partial<Record<Wheel, number>>;
  peakC: Partial<Record<Wheel, number>>;
  sensorU: Figure;
};
export type DrivenLaps = {
  recordingId: string;
  configurationId: string;
  configuration: string;
  laps: { lapM: Figure; laps: number; corners: LapCorner[] };
  lapKwh: Figure;
  predicted: { troughC: number; peakC: number }[];
  predictedBy: string;
};
export type Heat = {
  sides: HeatSide[];
  airFlow: AirFlowNote[];
  gate: { coldestC: number | null; hottestC: number | null } | null;
  limitC: number | null;
  blocking: (Figures<Omit<Schemas['Blocking'], 'openingFor'>> & { openingFor: Figure | null }) | null;
};
