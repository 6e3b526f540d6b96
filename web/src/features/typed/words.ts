import type { ColumnName } from './sheet';

/** What a column is called above a narrow table. */
const SHORT: Partial<Record<ColumnName, string>> = {
  SERIES: 'Run',
  ENTRY_SPEED: 'Speed',
  NOMINAL_SPEED: 'Nominal',
  TIME: 'Time',
  START_TEMPERATURE_FRONT_LEFT: 'Before FL',
  START_TEMPERATURE_FRONT_RIGHT: 'Before FR',
  START_TEMPERATURE_REAR_LEFT: 'Before RL',
  START_TEMPERATURE_REAR_RIGHT: 'Before RR',
  END_TEMPERATURE_FRONT_LEFT: 'After FL',
  END_TEMPERATURE_FRONT_RIGHT: 'After FR',
  END_TEMPERATURE_REAR_LEFT: 'After RL',
  END_TEMPERATURE_REAR_RIGHT: 'After RR',
  SECONDS_AFTER_REST: 'Read after',
  READ_ON: 'Read on',
};

export const shortName = (column: { column: ColumnName; title: string }) =>
  SHORT[column.column] ?? column.title.charAt(0).toUpperCase() + column.title.slice(1);

/** What people measure, in the groups in which they choose it. */
export const GROUPS: [string, ColumnName[]][] = [
  ['Run', ['SERIES']],
  ['Stop number', ['STOP']],
  ['Distance', ['DISTANCE']],
  ['Seconds', ['TIME']],
  ['Speed', ['ENTRY_SPEED']],
  [
    'Temperatures before',
    [
      'START_TEMPERATURE_FRONT_LEFT',
      'START_TEMPERATURE_FRONT_RIGHT',
      'START_TEMPERATURE_REAR_LEFT',
      'START_TEMPERATURE_REAR_RIGHT',
    ],
  ],
  [
    'Temperatures after',
    [
      'END_TEMPERATURE_FRONT_LEFT',
      'END_TEMPERATURE_FRONT_RIGHT',
      'END_TEMPERATURE_REAR_LEFT',
      'END_TEMPERATURE_REAR_RIGHT',
      'SECONDS_AFTER_REST',
      'READ_ON',
    ],
  ],
  ['Pedal', ['PEDAL_FEEL']],
  ['Effort', ['PEDAL_EFFORT']],
  ['Locked first', ['LOCKED_FIRST']],
  ['Struck out', ['STRUCK_OUT', 'REASON']],
  ['Note', ['NOTE']],
  ['Driver or rider', ['DRIVER']],
  ['Surface', ['SURFACE']],
  ['Tyres cold or warm', ['TYRES']],
  ['Tyre temperature', ['TYRE_TEMPERATURE']],
  ['Air', ['AMBIENT']],
  ['Date', ['DATE']],
];
