import type { Figure, Figures, Quantity, Schemas } from './figures';

type LaneQuantities = 'length' | 'runOff' | 'grade';
export type LaneSpec = Omit<Schemas['LaneSpec'], LaneQuantities> & { [K in LaneQuantities]: Quantity };
export type LaneView = { id: string; lane: LaneSpec; version: number };
export type Phase = Omit<Schemas['Phase'], 'target' | 'gate' | 'from' | 'to' | 'adjuster' | 'grip'> & {
  from: Quantity;
  to: Quantity;
  target: Quantity | null;
  adjuster: Quantity | null;
  grip: Quantity | null;
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
  forecast: Omit<Schemas['Forecast'], 'missingM' | 'clock' | 'noGo'> & {
    missingM: Figure;
    clock: { items: ClockItem[] };
    noGo: Schemas['WrittenFinding'] | null;
  };
};
export type PlanView = {
  plan: Plan | null;
  forecast: Forecast | null;
  expectation: string | null;
  expectedBy: string | null;
  sealedAt: string | null;
  safety: SignedGate | null;
  lapsed: SignedGate | null;
  version: number;
};
export type SignedGate = { gate: { seen: string[]; signedBy: string }; signedAt: string };
export type PlanForm = Schemas['PlanForm'];
export type LapHeat = Schemas['LapHeatView'];
export type LapHeatRequest = {
  [K in 'mass' | 'axleShare' | 'disc' | 'cooling' | 'ambient']: Quantity;
} & { wheels: number; laps: number; brakings: Braking[] };
export type Braking = { from: Quantity; to: Quantity; gap: Quantity };
