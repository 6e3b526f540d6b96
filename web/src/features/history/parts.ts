import { number, type Kind, type UnitTable } from '../../units/units';
import { exactMoment } from '../../units/when';

/** What stands in a column in inside units says which by the end of its name; what people entered has its own unit beside it. */
const INSIDE: [string, Kind, number][] = [
  ['Mps', 'speed', 1],
  ['Bar', 'pressure', 1],
  ['Kg', 'mass', 1],
  ['C', 'temperature', 0],
  ['M', 'distance', 2],
  ['S', 'time', 2],
];

/** Shares that say so by no ending. */
const SHARES = ['humidity', 'grade', 'slope'];

const ID = /^[\da-f]{8}(-[\da-f]{4}){3}-[\da-f]{12}$/;
const MOMENT = /^\d{4}-\d\d-\d\dT[\d:.]+Z$/;
const CONSTANT = /^[A-Z][A-Z\d_]*$/;
const NUMBER = /^-?\d+(\.\d+)?(E-?\d+)?$/;

const inside = (part: string) => INSIDE.find(([end]) => new RegExp(`[a-z]${end}$`).test(part));

/** "spec.parts.PADS_FRONT" → "spec, parts, pads front"; "tyrePressureFrontBar" → "tyre pressure front". */
export function partName(part: string): string {
  const known = inside(part);
  const name = known ? part.slice(0, -known[0].length) : part;
  return name
    .split('.')
    .map((n) => (CONSTANT.test(n) ? n.replaceAll('_', ' ') : n.replace(/([a-z])([A-Z])/g, '$1 $2')))
    .join(', ')
    .toLowerCase();
}

/** Tells rows apart for machines, and stands in the CSV. */
export const isId = (value: string | undefined) => value !== undefined && ID.test(value);

/** As the reader would say it, in the reader's units. */
export function shown(part: string, value: string, units: UnitTable): string {
  const known = SHARES.includes(part) ? (['', 'share', 1] as const) : inside(part);
  if (known && NUMBER.test(value)) {
    const { of, unit, decimals } = units[known[1]];
    return `${number(of(Number(value)), Math.max(decimals, known[2]))} ${unit}`;
  }
  if (value === 'true' || value === 'false') return value === 'true' ? 'yes' : 'no';
  if (MOMENT.test(value)) {
    return exactMoment(value);
  }
  return CONSTANT.test(value) ? value.replaceAll('_', ' ').toLowerCase() : value;
}
