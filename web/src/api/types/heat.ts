import type { Figure, Figures, Quantity, Schemas, Summary, Wheel } from './figures';

export type PeakClue = Omit<Figures<Schemas['PeakClue']>, 'face'> & { face: 'OUTER' | 'INNER' | null };
export type PeakSource = PeakClue['source'];
/** How hot a disc really got, by all that tells of it. */
export type Peak = {
  peakC: Figure;
  peakU: Figure;
  source: PeakSource | null;
  clues: PeakClue[];
  doubts: Schemas['WrittenFinding'][];
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
    remarks: Schemas['WrittenFinding'][];
    alike: Schemas['WrittenFinding'][];
  };
  cooling: Partial<Record<Wheel, Figures<Schemas['CoolingView']>>>;
  standing: Partial<Record<Wheel, Figures<Schemas['CoolingView']>>>;
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
  predictedBy: Schemas['WrittenFinding'];
};
export type Heat = {
  sides: HeatSide[];
  airFlow: AirFlowNote[];
  gate: { coldestC: number | null; hottestC: number | null } | null;
  limitC: number | null;
  averaged: { nominalMps: number; load: string | null; others: number };
  blocking: (Figures<Omit<Schemas['Blocking'], 'openingFor'>> & { openingFor: Figure | null }) | null;
};
