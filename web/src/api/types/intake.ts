import type { Schemas } from './figures';
import type { Vehicle } from './garage';
import type { MeasuredStop } from './stops';

export type ImportPreview = Omit<Schemas['ImportPreview'], 'alreadyIn' | 'log' | 'sheet'> & {
  alreadyIn: (Omit<Schemas['AlreadyIn'], 'testId'> & { testId: string | null }) | null;
  log: (Omit<Schemas['LogPreview'], 'stops'> & { stops: MeasuredStop[] }) | null;
  sheet: Schemas['SheetPreview'] | null;
};
export type Role = Schemas['ColumnView']['role'];
export type BroughtIn = Schemas['BroughtIn'];
export type SaveRequest = Omit<Schemas['SaveRequest'], 'newVehicle' | 'newTest' | 'conditions'> & {
  newVehicle: Partial<Vehicle> | null;
  newTest: (Omit<Schemas['TestRequest'], 'grade'> & { grade: number | null }) | null;
  conditions: { [K in keyof Schemas['Conditions']]: Schemas['Conditions'][K] | null };
};
