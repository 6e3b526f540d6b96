import type { components, operations } from './schema';

/** The server's own document of what it sends and takes; what follows gives its parts the names that screens use. */
export type Schemas = components['schemas'];

export type Figure = Schemas['WrittenFigure'];
export type Finding = Schemas['WrittenFinding'];
export type Quantity = Schemas['WrittenQuantity'];
export type Interval = Schemas['Interval'];
export type Summary = Schemas['Summary'];
export type Wheel = Schemas['DiscRead']['wheel'];

export type TestDetail = Schemas['TestDetail'];
export type TestSummary = Schemas['TestSummary'];
export type Comparison = Schemas['ComparisonView'];
export type Place = Schemas['PlaceView'];
export type Side = Schemas['SideView'];
export type Pair = Schemas['Pair'];
export type Check = Schemas['CheckView'];
export type SignRequest = Schemas['SignRequest'];
export type SignedVerdict = Schemas['SignedVerdictView'];
export type Verdict = Pair['verdict'];

export type MeasuredStop = Schemas['MeasuredStop'];
export type HandEntry = Schemas['HandEntry'];
export type StopView = Schemas['StopView'];
export type Trace = Schemas['StopTrace'];
export type DecisionRequest = Schemas['DecisionRequest'];
export type EdgeRequest = Schemas['Edges'];

export type Change = Schemas['ChangeView'];
export type Session = Schemas['SessionView'];
export type Account = Schemas['AccountView'];
export type SigningKey = Schemas['SigningKeyView'];
export type OpenScreen = Schemas['ScreenView'];
export type Invitation = Schemas['Invitation'];

export type Vehicle = Schemas['VehicleView'];
export type Configuration = Schemas['ConfigurationView'];
export type GarageForm = Schemas['GarageForm'];
export type Forms = Schemas['Forms'];
export type Entry = Schemas['FormEntry'];
export type Weighing = Schemas['Weighing'];
export type Part = Schemas['Part'];
export type Bedding = Schemas['BeddingIn'];
export type Difference = Schemas['DifferenceView'];
export type Outlook = Schemas['Outlook'];

export type LaneSpec = Schemas['LaneSpec'];
export type LaneView = Schemas['LaneView'];
export type Phase = Schemas['Phase'];
export type Gate = Schemas['Gate'];
export type Limit = Schemas['Limit'];
export type Procedure = Schemas['Procedure'];
export type ProcedureView = Schemas['ProcedureView'];
export type Plan = Schemas['PlanRequest'];
export type PlanView = Schemas['PlanView'];
export type PlanForm = Schemas['PlanForm'];
export type Forecast = Schemas['ForecastView'];
export type Stretch = Schemas['Stretch'];
export type SignedGate = Schemas['SignedGate'];
export type LapHeat = Schemas['LapHeatView'];
export type LapHeatRequest = Schemas['LapHeatRequest'];
export type Braking = LapHeatRequest['brakings'][number];

export type RunView = Schemas['RunView'];
/** What happened, on its way, with whoever said so. */
export type RunEvent = Schemas['EventRequest'] & { who: string };
export type RunReview = Schemas['RunReview'];
export type Happening = Schemas['Happening'];
export type Happened = Schemas['Happened'];
export type HandReadings = Schemas['HandReadings'];
export type CrackSeen = Schemas['CrackSeen'];
export type JudgedStop = Schemas['JudgedStop'];
export type LoggedStop = Schemas['LoggedStop'];
export type Gating = Schemas['GateView'];
export type Validity = JudgedStop['judged'];
export type Photo = Schemas['PhotoView'];

export type Fade = Schemas['FadeView'];
export type FadeReference = NonNullable<NonNullable<operations['fade']['parameters']['query']>['reference']>;
export type PressureCurve = Schemas['PressureCurve'];
export type FadeSide = Schemas['FadeSide'];
export type FadeStudy = Schemas['FadeStudy'];
export type FadeLevel = Schemas['Level'];
export type FadeGroup = Schemas['Group'];
export type Assessment = Schemas['AssessmentView'];
export type LimitReading = Schemas['LimitReading'];
export type Passkey = Schemas['PasskeyView'];
export type AskedPasskey = Schemas['Asked'];
export type Retention = Schemas['RetentionView'];
export type RecordedTime = Schemas['RecordedTime'];
export type Judder = Schemas['JudderView'];

export type Heat = Schemas['HeatView'];
export type HeatSide = Schemas['HeatSide'];
export type HeatStop = HeatSide['study']['stops'][number];
export type HeatTrace = Schemas['TraceView'];
export type HeatReading = Schemas['ReadingView'];
export type Peak = Schemas['PeakBelief'];
export type PeakClue = Schemas['PeakClue'];
export type PeakSource = PeakClue['source'];
export type Ladder = Schemas['LadderView'];
export type DiscForm = Schemas['DiscForm'];
export type DiscReading = Schemas['DiscReading'];
export type AirFlow = Schemas['AirFlow'];
export type AirFlowNote = Schemas['AirFlowView'];
export type DrivenLaps = Schemas['DrivenLaps'];
export type LapCorner = DrivenLaps['laps']['corners'][number];

export type Balance = Schemas['BalanceView'];
export type BalanceSide = Schemas['BalanceSide'];
export type BalanceStop = Schemas['BalanceStop'];
export type Sizing = Schemas['Sizing'];
export type SizingRequest = Schemas['SizingQuestion'];

export type Mark = Schemas['ReferenceMarkView'];
export type ReferenceMark = Schemas['ReferenceMark'];
export type TradeOffNote = Schemas['TradeOffView'];
export type TradeOff = Schemas['TradeOff'];

export type Trial = Schemas['TrialView'];
export type TrialKind = Schemas['TrialPlace'];
export type TrialResult = Schemas['TrialResult'];
export type Rollers = Schemas['Rollers'];
export type Bounded = Schemas['Bounded'];

export type Device = Schemas['DeviceView'];
export type LastReading = Schemas['LastReading'];
export type Weather = Schemas['Weather'];

export type ImportPreview = Schemas['ImportPreview'];
export type Role = Schemas['ColumnView']['role'];
export type SaveRequest = Schemas['SaveRequest'];
export type BroughtIn = Schemas['BroughtIn'];

export type SheetForm = Schemas['SheetForm'];
export type TypedTable = Schemas['TypedTable'];
export type SheetReading = Schemas['SheetReading'];
export type PastedView = Schemas['PastedView'];
export type KeepRequest = Schemas['KeepRequest'];
