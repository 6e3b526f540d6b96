import type { Allowed } from '../../ui/QuantityField';

const SPEEDS = [
  { unit: 'KILOMETRES_PER_HOUR', symbol: 'km/h' },
  { unit: 'MILES_PER_HOUR', symbol: 'mph' },
] as Allowed['units'];
const TEMPERATURES = [
  { unit: 'CELSIUS', symbol: '°C' },
  { unit: 'FAHRENHEIT', symbol: '°F' },
] as Allowed['units'];
const TIMES = [
  { unit: 'SECONDS', symbol: 's' },
  { unit: 'MINUTES', symbol: 'min' },
] as Allowed['units'];

/** What a phase asks for, bounded as the core bounds it. */
export const PHASE_FIELDS = {
  from: { label: 'From', low: 0, high: 400, units: SPEEDS },
  to: { label: 'To', low: 0, high: 400, units: SPEEDS },
  target: {
    label: 'Held deceleration or effort',
    low: 0.5,
    high: 16,
    units: [
      { unit: 'METRES_PER_SECOND_SQUARED', symbol: 'm/s²' },
      { unit: 'STANDARD_GRAVITY', symbol: 'g' },
      { unit: 'NEWTONS', symbol: 'N' },
    ] as Allowed['units'],
    help: 'Empty: as hard as the tyres allow. Effort 10 to 3000 N.',
  },
  limit: {
    label: 'Limit',
    low: 0,
    high: 16,
    units: [
      { unit: 'METRES_PER_SECOND_SQUARED', symbol: 'm/s²' },
      { unit: 'STANDARD_GRAVITY', symbol: 'g' },
      { unit: 'METRES', symbol: 'm' },
      { unit: 'NEWTONS', symbol: 'N' },
      { unit: 'PERCENT', symbol: '%' },
    ] as Allowed['units'],
  },
  adjuster: {
    label: 'Adjuster, turns from full front',
    low: 0,
    high: 60,
    units: [{ unit: 'ONE', symbol: '' }] as Allowed['units'],
    help: 'Empty: leave it as it stands.',
  },
  grip: {
    label: 'Grip of its surface',
    low: 0.03,
    high: 1.5,
    units: [{ unit: 'ONE', symbol: '' }] as Allowed['units'],
    help: 'Empty: the plan’s lane. Wet paint or basalt about 0.2 to 0.3.',
  },
  coldest: { label: 'Discs at least', low: -20, high: 900, units: TEMPERATURES },
  hottest: { label: 'Discs at most', low: -20, high: 900, units: TEMPERATURES },
  soonest: { label: 'Not sooner than', low: 1, high: 7200, units: TIMES },
  latest: { label: 'Not later than', low: 1, high: 7200, units: TIMES },
} satisfies Record<string, Allowed>;
