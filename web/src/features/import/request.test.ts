import { describe, expect, it } from 'vitest';
import type { ImportPreview } from '../../api/types';
import { saveRequest } from './request';

const conditions = {
  drivenOn: '2026-06-20',
  driver: ' Club driver ',
  load: '',
  surface: 'dry',
  direction: '',
  ambientC: '14.5',
  tyrePressureFrontBar: '',
};
const log = { id: 'i', log: { stops: [{}, {}, {}] }, sheet: null } as unknown as ImportPreview;
const base = { testId: 't', newTest: null, changedBySheet: {}, conditions, by: ' Marshal ' };

describe('save request', () => {
  it('sends every stop that was not left out, each to its configuration', () => {
    const placing = {
      configuration: 'As bought',
      changed: 'pads, fluid',
      block: '2',
      left: new Set([2]),
      byStop: { 3: 'Other' },
    };
    const request = saveRequest({ ...base, preview: log, placing });
    expect(request.placements).toEqual([
      { stop: 1, configuration: 'As bought', changed: ['pads', 'fluid'], block: 2 },
      { stop: 3, configuration: 'Other', changed: ['pads', 'fluid'], block: 2 },
    ]);
  });

  it('sends nothing for what nobody wrote down, and trims what they did', () => {
    const placing = { configuration: 'A', changed: '', block: '1', left: new Set<number>() };
    const request = saveRequest({ ...base, preview: log, placing });
    expect(request.conditions).toMatchObject({
      driver: 'Club driver',
      load: null,
      ambientC: 14.5,
      tyrePressureFrontBar: null,
    });
    expect(request.by).toBe('Marshal');
  });

  it('names only the configurations of a sheet that changed', () => {
    const sheet = { ...log, log: null, sheet: { stops: [{}], leftOut: [] } } as unknown as ImportPreview;
    const placing = { configuration: '', changed: '', block: '1', left: new Set<number>() };
    const request = saveRequest({ ...base, preview: sheet, placing, changedBySheet: { A: ' ', B: 'hoses' } });
    expect(request.placements).toEqual([{ stop: 1, configuration: 'B', changed: ['hoses'], block: 1 }]);
  });
});
