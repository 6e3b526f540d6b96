import type { Figure, ImportPreview, SaveRequest, Weather } from '../../api/types';
import type { NewTest } from '../../forms/NewTestForm';
import { inside, type Shown, type UnitTable } from '../../units/units';
import type { Placing } from './Placement';

export type ConditionText = Record<keyof SaveRequest['conditions'], string>;

/** Nobody wrote anything down yet. */
export const NO_CONDITIONS: ConditionText = {
  drivenOn: '',
  driver: '',
  load: '',
  surface: '',
  direction: '',
  ambientC: '',
  tyrePressureFrontBar: '',
  tyres: '',
  tyreC: '',
  trackC: '',
  windMps: '',
  humidity: '',
  begunAt: '',
  endedAt: '',
};

const words = (text: string) =>
  text
    .split(',')
    .map((w) => w.trim())
    .filter(Boolean);

/** Tyres are pumped to a tenth of a bar, and wind is told in metres a second: finer than the tables' own steps. */
export const shownOf = (units: UnitTable) => ({
  air: { ...units.temperature, decimals: 1 } satisfies Shown,
  tyres: { ...units.pressure, decimals: units.pressure.unit === 'bar' ? 1 : 0 } satisfies Shown,
  wind: (units.speed.unit === 'km/h'
    ? { unit: 'm/s', of: (v) => v, decimals: 1 }
    : { ...units.speed, decimals: 1 }) as Shown,
});

/** What was typed in the reader's unit; null where nothing was. */
const numberOrNull = (text: string, shown: Shown) =>
  text.trim() === '' ? null : inside(Number(text.replace(',', '.')), shown);
const textOrNull = (text: string) => (text.trim() === '' ? null : text.trim());

/** A time of the day that was driven on, where both are known. */
const instant = (day: string, time: string) =>
  day && time ? new Date(`${day}T${time}`).toISOString() : null;

const rounded = (f: Figure, shown: Shown) =>
  f.value === undefined ? '' : String(Number(shown.of(f.value).toFixed(shown.decimals)) + 0);

const PERCENT: Shown = { unit: '%', of: (share) => 100 * share, decimals: 0 };

/** What a mast measured, as it stands in the form; what it has no sensor for stays as it was. */
export function weatherText(w: Weather, units: UnitTable): Partial<ConditionText> {
  const { air, wind } = shownOf(units);
  const text = {
    ambientC: rounded(w.airC, air),
    trackC: rounded(w.trackC, air),
    windMps: rounded(w.windMps, wind),
    humidity: rounded(w.humidity, PERCENT),
  };
  return Object.fromEntries(Object.entries(text).filter(([, v]) => v !== ''));
}

/** What is sent when a preview is saved. */
export function saveRequest(p: {
  preview: ImportPreview;
  testId: string | null;
  newTest: NewTest | null;
  placing: Placing;
  changedBySheet: Record<string, string>;
  conditions: ConditionText;
  units: UnitTable;
}): SaveRequest {
  const { air, tyres, wind } = shownOf(p.units);
  const testId = p.testId ?? p.newTest?.test.id ?? '';
  const placements = p.preview.log
    ? p.preview.log.stops.flatMap((_, i) =>
        p.placing.left.has(i + 1)
          ? []
          : [
              {
                stop: i + 1,
                configuration: (p.placing.byStop?.[i + 1] ?? p.placing.configuration).trim(),
                changed: words(p.placing.changed),
                block: Number(p.placing.block) || 1,
              },
            ],
      )
    : Object.entries(p.changedBySheet)
        .filter(([, changed]) => words(changed).length > 0)
        .map(([configuration, changed]) => ({ stop: 1, configuration, changed: words(changed), block: 1 }));
  return {
    testId,
    newVehicle: p.testId ? null : (p.newTest?.vehicle ?? null),
    newTest: p.testId ? null : (p.newTest?.test ?? null),
    placements,
    conditions: {
      drivenOn: textOrNull(p.conditions.drivenOn),
      driver: textOrNull(p.conditions.driver),
      load: textOrNull(p.conditions.load),
      surface: textOrNull(p.conditions.surface),
      direction: textOrNull(p.conditions.direction),
      ambientC: numberOrNull(p.conditions.ambientC, air),
      tyrePressureFrontBar: numberOrNull(p.conditions.tyrePressureFrontBar, tyres),
      tyres: (textOrNull(p.conditions.tyres)?.toUpperCase() ?? null) as SaveRequest['conditions']['tyres'],
      tyreC: numberOrNull(p.conditions.tyreC, air),
      trackC: numberOrNull(p.conditions.trackC, air),
      windMps: numberOrNull(p.conditions.windMps, wind),
      humidity: p.conditions.humidity.trim() === '' ? null : Number(p.conditions.humidity) / 100,
      begunAt: instant(p.conditions.drivenOn, p.conditions.begunAt),
      endedAt: instant(p.conditions.drivenOn, p.conditions.endedAt),
    },
  };
}
