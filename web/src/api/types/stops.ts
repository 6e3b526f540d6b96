import type { Figures, Schemas } from './figures';

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
export type Trace = Schemas['StopTrace'];
export type DecisionRequest = Schemas['DecisionRequest'];
export type EdgeRequest = Omit<Schemas['Edges'], 'onsetS' | 'endS'> & {
  onsetS: number | null;
  endS: number | null;
};
