import type { Figure, ImportPreview, SaveRequest, Weather } from '../../api/types';
import type { NewTest } from '../../forms/NewTestForm';
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

const numberOrNull = (text: string) => (text.trim() === '' ? null : Number(text));
const textOrNull = (text: string) => (text.trim() === '' ? null : text.trim());

/** A time of the day that was driven on, where both are known. */
const instant = (day: string, time: string) =>
  day && time ? new Date(`${day}T${time}`).toISOString() : null;

const rounded = (f: Figure, decimals: number) =>
  f.value === undefined ? '' : String(Number(f.value.toFixed(decimals)) + 0);

/** What a mast measured, as it stands in the form; what it has no sensor for stays as it was. */
export function weatherText(w: Weather): Partial<ConditionText> {
  const text = {
    ambientC: rounded(w.airC, 1),
    trackC: rounded(w.trackC, 1),
    windMps: rounded(w.windMps, 1),
    humidity: rounded(
      { ...w.humidity, ...(w.humidity.value !== undefined && { value: 100 * w.humidity.value }) },
      0,
    ),
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
}): SaveRequest {
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
      ambientC: numberOrNull(p.conditions.ambientC),
      tyrePressureFrontBar: numberOrNull(p.conditions.tyrePressureFrontBar),
      trackC: numberOrNull(p.conditions.trackC),
      windMps: numberOrNull(p.conditions.windMps),
      humidity: p.conditions.humidity.trim() === '' ? null : Number(p.conditions.humidity) / 100,
      begunAt: instant(p.conditions.drivenOn, p.conditions.begunAt),
      endedAt: instant(p.conditions.drivenOn, p.conditions.endedAt),
    },
  };
}
