import { describe, expect, it } from 'vitest';
import type { ImportPreview } from '../../api/types';
import { unitsOf } from '../../units/units';
import { saveRequest, weatherText } from './request';

const conditions = {
  drivenOn: '2026-06-20',
  driver: ' Club driver ',
  load: '',
  surface: 'dry',
  tyres: 'warm',
  tyreC: '',
  direction: '',
  ambientC: '14.5',
  tyrePressureFrontBar: '',
  trackC: '',
  windMps: '-1.5',
  humidity: '58',
  begunAt: '10:30',
  endedAt: '',
};
const log = { id: 'i', log: { stops: [{}, {}, {}] }, sheet: null } as unknown as ImportPreview;
const base = { testId: 't', newTest: null, changedBySheet: {}, conditions, units: unitsOf('metric') };

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
      trackC: null,
      windMps: -1.5,
      humidity: 0.58,
      begunAt: new Date('2026-06-20T10:30').toISOString(),
      endedAt: null,
    });
  });

  it('is typed in the units of its reader', () => {
    const placing = { configuration: 'A', changed: '', block: '1', left: new Set<number>() };
    const imperial = { ...conditions, ambientC: '59', tyrePressureFrontBar: '32', windMps: '10' };
    const request = saveRequest({
      ...base,
      units: unitsOf('imperial'),
      preview: log,
      placing,
      conditions: imperial,
    });
    expect(request.conditions.ambientC).toBeCloseTo(15, 9);
    expect(request.conditions.tyrePressureFrontBar).toBeCloseTo(2.2063, 3);
    expect(request.conditions.windMps).toBeCloseTo(4.4704, 9);
  });

  it('names only the configurations of a sheet that changed', () => {
    const sheet = { ...log, log: null, sheet: { stops: [{}], leftOut: [] } } as unknown as ImportPreview;
    const placing = { configuration: '', changed: '', block: '1', left: new Set<number>() };
    const request = saveRequest({ ...base, preview: sheet, placing, changedBySheet: { A: ' ', B: 'hoses' } });
    expect(request.placements).toEqual([{ stop: 1, configuration: 'B', changed: ['hoses'], block: 1 }]);
  });
});

describe('weather from a mast', () => {
  it('fills in what the mast has a sensor for, rounded as people write it', () => {
    const none = { reason: 'no mast sent it in that time' };
    const now = {
      airC: { value: 14.234 },
      trackC: none,
      windMps: { value: -0.04 },
      humidity: { value: 0.5812 },
    };
    expect(weatherText({ ...now, readings: 3, lastAt: null }, unitsOf('metric'))).toEqual({
      ambientC: '14.2',
      windMps: '0',
      humidity: '58',
    });
    expect(weatherText({ ...now, readings: 3, lastAt: null }, unitsOf('imperial'))).toMatchObject({
      ambientC: '57.6',
    });
  });
});
