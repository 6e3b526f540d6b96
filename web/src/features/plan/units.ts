import type { Allowed } from '../../ui/QuantityField';

const SPEED = [
  { unit: 'KILOMETRES_PER_HOUR', symbol: 'km/h' },
  { unit: 'MILES_PER_HOUR', symbol: 'mph' },
] as Allowed['units'];
const TEMPERATURE = [
  { unit: 'CELSIUS', symbol: '°C' },
  { unit: 'FAHRENHEIT', symbol: '°F' },
] as Allowed['units'];
const TIME = [
  { unit: 'MINUTES', symbol: 'min' },
  { unit: 'HOURS', symbol: 'h' },
  { unit: 'SECONDS', symbol: 's' },
] as Allowed['units'];

/** The same units with another one first, in which the bounds are told. */
const usual = (unit: string) => [...TIME].sort((a, b) => Number(b.unit === unit) - Number(a.unit === unit));

const MASS = [
  { unit: 'KILOGRAMS', symbol: 'kg' },
  { unit: 'POUNDS', symbol: 'lb' },
] as Allowed['units'];

/** What the lap-heat calculator asks for of the car. */
export const DISC_FIELDS = {
  mass: { label: 'Mass as driven', low: 50, high: 60000, units: MASS },
  axleShare: {
    label: 'Share of the axle',
    low: 0,
    high: 100,
    units: [{ unit: 'PERCENT', symbol: '%' }] as Allowed['units'],
    help: 'Of brake force, not of line pressure. The garage computes it under Outlook.',
  },
  disc: { label: 'One disc', low: 0.3, high: 60, units: MASS },
  cooling: {
    label: 'Cooling time constant',
    low: 20,
    high: 3000,
    units: usual('SECONDS'),
    help: 'At the speed of the circuit; a duct makes it shorter, a blocker longer.',
  },
  ambient: { label: 'Air', low: -40, high: 55, units: TEMPERATURE },
} satisfies Record<string, Allowed>;

export const BRAKING_FIELDS = {
  from: { label: 'From', low: 0, high: 400, units: SPEED },
  to: { label: 'To', low: 0, high: 400, units: SPEED },
  gap: { label: 'To the next', low: 1, high: 3600, units: usual('SECONDS') },
} satisfies Record<string, Allowed>;
