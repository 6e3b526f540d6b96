import type { Figure, Quantity } from '../api/types';

export type System = 'metric' | 'imperial';

/** How one kind of figure is shown: its unit, the way there from the inside unit, and how many decimals it deserves. */
export type Shown = { unit: string; of: (inside: number) => number; decimals: number };

const FOOT = 0.3048;
const MPH = 0.44704;
const PSI_PER_BAR = 14.503773773;
const POUND = 0.45359237;

const metric = {
  speed: { unit: 'km/h', of: (v: number) => v * 3.6, decimals: 1 },
  distance: { unit: 'm', of: (m: number) => m, decimals: 1 },
  deceleration: { unit: 'm/s²', of: (a: number) => a, decimals: 2 },
  pressure: { unit: 'bar', of: (p: number) => p, decimals: 0 },
  temperature: { unit: '°C', of: (t: number) => t, decimals: 0 },
  effectiveness: { unit: 'm/s² per bar', of: (e: number) => e, decimals: 4 },
  time: { unit: 's', of: (t: number) => t, decimals: 2 },
  travel: { unit: 'mm', of: (m: number) => 1000 * m, decimals: 1 },
  force: { unit: 'N', of: (f: number) => f, decimals: 0 },
  mass: { unit: 'kg', of: (m: number) => m, decimals: 2 },
  share: { unit: '%', of: (s: number) => 100 * s, decimals: 1 },
} satisfies Record<string, Shown>;

export type Kind = keyof typeof metric;
export type UnitTable = Record<Kind, Shown>;

/** In which units people type, by system. */
export const TYPED = {
  metric: { speed: 'KILOMETRES_PER_HOUR', distance: 'METRES', temperature: 'CELSIUS' },
  imperial: { speed: 'MILES_PER_HOUR', distance: 'FEET', temperature: 'FAHRENHEIT' },
} satisfies Record<System, Partial<Record<Kind, Quantity['unit']>>>;

/** What people write who think in feet and pounds, where others write this. */
const INSTEAD_OF: Partial<Record<Quantity['unit'], Quantity['unit']>> = {
  KILOMETRES_PER_HOUR: 'MILES_PER_HOUR',
  METRES_PER_SECOND: 'MILES_PER_HOUR',
  METRES: 'FEET',
  MILLIMETRES: 'INCHES',
  CELSIUS: 'FAHRENHEIT',
  KILOGRAMS: 'POUNDS',
  BAR: 'POUNDS_PER_SQUARE_INCH',
  SQUARE_CENTIMETRES: 'SQUARE_INCHES',
  SQUARE_MILLIMETRES: 'SQUARE_INCHES',
};

/** In which of the units that a figure may have, the usual one first, somebody begins who has typed nothing yet. */
export function firstUnit(units: { unit: Quantity['unit'] }[] | undefined, system: System) {
  const usual = units?.[0]?.unit;
  const instead = usual && system === 'imperial' ? INSTEAD_OF[usual] : undefined;
  return units?.some((u) => u.unit === instead) ? instead : usual;
}

const imperial: UnitTable = {
  ...metric,
  speed: { unit: 'mph', of: (v) => v / MPH, decimals: 1 },
  distance: { unit: 'ft', of: (m) => m / FOOT, decimals: 0 },
  deceleration: { unit: 'ft/s²', of: (a) => a / FOOT, decimals: 1 },
  pressure: { unit: 'psi', of: (p) => p * PSI_PER_BAR, decimals: 0 },
  temperature: { unit: '°F', of: (t) => t * 1.8 + 32, decimals: 0 },
  travel: { unit: 'in', of: (m) => (12 * m) / FOOT, decimals: 2 },
  force: { unit: 'lbf', of: (f) => f / (POUND * 9.80665), decimals: 0 },
  mass: { unit: 'lb', of: (m) => m / POUND, decimals: 1 },
  effectiveness: { unit: 'ft/s² per psi', of: (e) => e / FOOT / PSI_PER_BAR, decimals: 4 },
};

export const unitsOf = (system: System): UnitTable => (system === 'metric' ? metric : imperial);

/** A length that people type, in metres. */
export const metres = (q: Quantity) => (q.unit === 'FEET' ? q.entered * FOOT : q.entered);

/** A number with a true minus and a fixed count of decimals. */
export function number(x: number, decimals: number): string {
  const text = Math.abs(x).toFixed(decimals);
  return x < 0 && Number(text) !== 0 ? `−${text}` : text;
}

/** With its sign, always. */
export const signed = (x: number, decimals: number) =>
  number(x, decimals).startsWith('−') ? number(x, decimals) : `+${number(x, decimals)}`;

/** A figure in the chosen unit, or an en dash where there is none. */
export function figure(f: Figure | undefined, shown: Shown, decimals = shown.decimals): string {
  return f?.value === undefined || f.value === null ? '–' : number(shown.of(f.value), decimals);
}

/** What ± shows everywhere: twice a standard uncertainty. */
export const twice = (u: Figure): Figure => (u.value === undefined ? u : { value: 2 * u.value });

/** The size of a difference in the chosen unit: offsets, as of temperatures, fall out. */
export const span = (inside: number, shown: Shown) => shown.of(inside) - shown.of(0);

/** What was typed in the reader's unit, inside. */
export const inside = (typed: number, shown: Shown) => (typed - shown.of(0)) / span(1, shown);

/** What Frenum says, in the words for the units a person chose. */
export const said = (finding: { text: Record<System, string> }, units: UnitTable) =>
  finding.text[units.distance.unit === 'm' ? 'metric' : 'imperial'];
