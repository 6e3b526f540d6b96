import type { Device } from './devices';
import type { Figure, Figures, Quantity, Schemas, Wheel } from './figures';
import type { Phase } from './plan';
import type { MeasuredStop } from './stops';

export type Operator = Schemas['OperatorView'];
export type HandReadings = {
  entrySpeed: Quantity | null;
  distances: { by: string; distance: Quantity }[];
  instrument: 'TAPE' | 'WHEEL' | 'STOPWATCH';
  time: Quantity | null;
  peaks: Partial<Record<Wheel, Quantity>>;
  lateS: number;
  pedal: 'FIRM' | 'NORMAL' | 'HARD' | 'LONG_SOFT' | 'TO_THE_FLOOR' | null;
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
  | { type: 'carMoves'; motion: 'ROLLING' | 'STANDING' }
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
export type Happened = { seq: number; atS: number; clockAheadS: number; by: string; what: Happening };
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
  'soonestAtS' | 'latestAtS' | 'laneUntilS' | 'window' | 'motion'
> & {
  motion: 'ROLLING' | 'STANDING' | null;
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
