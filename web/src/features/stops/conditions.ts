import type { TestDetail } from '../../api/types';
import { number, type UnitTable } from '../../units/units';
import { hour } from '../../units/when';

type Written = { [K in keyof TestDetail['series'][number]['conditions']]?: string | number | null };

const clock = (instant: string) => hour(instant);

/** Under what a series was driven, as far as somebody wrote it down. */
export function conditionWords(c: Written, units: UnitTable): string {
  const t = units.temperature;
  const told = (value: string | number | null | undefined, words: (x: number) => string) =>
    typeof value === 'number' ? words(value) : '';
  return [
    c.drivenOn,
    c.begunAt && `${clock(String(c.begunAt))}${c.endedAt ? ` to ${clock(String(c.endedAt))}` : ''}`,
    c.surface,
    told(c.ambientC, (x) => `air ${number(t.of(x), 0)} ${t.unit}`),
    told(c.trackC, (x) => `lane ${number(t.of(x), 0)} ${t.unit}`),
    told(
      c.windMps,
      (x) =>
        `wind ${number(units.speed.of(Math.abs(x)), 0)} ${units.speed.unit} ${x < 0 ? 'from behind' : 'against'}`,
    ),
    told(c.humidity, (x) => `humidity ${number(100 * x, 0)} %`),
    told(
      c.tyrePressureFrontBar,
      (x) =>
        `front tyres ${number(units.pressure.of(x), units.pressure.unit === 'bar' ? 2 : 0)} ${units.pressure.unit}`,
    ),
    c.tyres && `tyres ${String(c.tyres).toLowerCase()}`,
    told(c.tyreC, (x) => `tread ${number(t.of(x), 0)} ${t.unit}`),
    c.driver,
    c.load,
    c.direction && `heading ${c.direction}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** What a stop or snub is called: they are counted apart. */
export const stopName = (stop: { kind: 'STOP' | 'SNUB'; number: number }) =>
  `${stop.kind === 'SNUB' ? 'Snub' : 'Stop'} ${stop.number}`;

/** The vehicle's load, as people call it. */
export const loadWord = (load: string) => (load === 'light' ? 'unladen' : load);
