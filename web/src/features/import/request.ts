import type { ImportPreview, SaveRequest } from '../../api/types';
import type { NewTest } from './NewTestForm';
import type { Placing } from './Placement';

export type ConditionText = Record<keyof SaveRequest['conditions'], string>;

const words = (text: string) =>
  text
    .split(',')
    .map((w) => w.trim())
    .filter(Boolean);

const numberOrNull = (text: string) => (text.trim() === '' ? null : Number(text));
const textOrNull = (text: string) => (text.trim() === '' ? null : text.trim());

/** What is sent when a preview is saved. */
export function saveRequest(p: {
  preview: ImportPreview;
  testId: string | null;
  newTest: NewTest | null;
  placing: Placing;
  changedBySheet: Record<string, string>;
  conditions: ConditionText;
  by: string;
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
    },
    by: p.by.trim(),
  };
}
