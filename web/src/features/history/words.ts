import type { Change } from '../../api/types';

export const KINDS: Record<Change['kind'], string> = {
  ADDED: 'added',
  CHANGED: 'changed',
  TAKEN_OUT: 'took out',
};

/** What a row is, in people's words. */
export const WHAT: Record<string, string> = {
  BrakeTest: 'a test',
  TestPlan: 'a plan',
  Series: 'a series',
  Stop: 'a stop',
  StrikeOut: 'a strike-out',
  Measurement: 'a measurement',
  SignedVerdict: 'a signed verdict',
  ReferenceMark: 'a mark on the lane',
  TradeOff: 'a trade-off',
  Trial: 'a trial',
  Run: 'a run',
  RunDevice: 'a logger of a run',
  RunEvent: 'something in a run',
  Vehicle: 'a vehicle',
  Configuration: 'a configuration',
  Lane: 'a lane',
  ProcedureCopy: 'a procedure',
  DiscReading: 'a disc reading',
  AirFlow: 'an air-flow note',
  Ladder: 'a paint ladder',
  Photo: 'a photo',
  Recording: 'a recording',
  Device: 'a device',
  Account: 'an account',
  Passkey: 'a passkey',
  Retention: 'how long samples are kept',
  Screen: 'a screen',
};

export const whatName = (what: string) => WHAT[what] ?? what;
