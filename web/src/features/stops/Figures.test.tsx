import { screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { MeasuredStop, HandEntry, StopView } from '../../api/types';
import { Figures, AsGiven, Words } from './Figures';
import { State } from './StopList';
import { shown } from '../../test-support/shown';
import { written } from '../../test-support/written';

const none = { reason: 'no front pressure was logged' };
const stop = {
  distance: { value: 44.06 },
  correctedDistance: { value: 45.4 },
  distanceFromFoot: { value: 45.5 },
  speedSource: 'SATELLITE',
  entrySpeed: { value: 24.6 },
  time: { value: 3.5 },
  mfdd: { value: 7.1 },
  meanDeceleration: { value: 6.8 },
  peakDeceleration: { value: 7.4 },
  buildUp: { value: 0.28 },
  lostTime: { value: 0.17 },
  frontPressureMean: none,
  frontPressurePeak: none,
  rearPressureMean: none,
  frontShare: none,
  effectiveness: none,
  fused: { distance: none },
  uncertainty: { distance: { value: 0.35 }, correctedDistance: none, distanceFromFoot: { value: 0.55 } },
  startTemperatures: { FRONT_LEFT: 85 },
  peakTemperatures: {},
  onsetSource: 'DECELERATION',
  flags: [{ code: 'NO_PRESSURE', finding: written('no front pressure was logged: no effectiveness') }],
} as unknown as MeasuredStop;
const rowOf = (name: string) => screen.getByText(name).closest('tr')?.textContent;

describe('the figures of a stop', () => {
  beforeEach(() => window.localStorage.clear());

  it('stand with unit and 95 % range, or why there is none', () => {
    shown(<Figures stop={stop} />);
    expect(rowOf('Distance, m')).toBe('Distance, m44.1± 0.7');
    expect(rowOf('Distance from the foot, m')).toBe('Distance from the foot, m45.5± 1.1');
    expect(rowOf('Corrected to test speed, m')).toBe('Corrected to test speed, m45.4± ?');
    expect(rowOf('Front pressure, mean, bar')).toContain('cannot be computed: no front pressure was logged');
    expect(rowOf('Disc at the start, °C')).toContain('FL 85');
    expect(screen.queryByText(/Disc at its peak/)).toBeNull();
    expect(screen.getByText(/Brake onset by deceleration/)).toBeTruthy();
  });

  it('stand in the units of their reader', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    shown(<Figures stop={stop} />);
    expect(rowOf('Distance, ft')).toBe('Distance, ft145± 2');
    expect(rowOf('Disc at the start, °F')).toContain('FL 185');
  });

  it('of a sheet stand as they were written', () => {
    const row = {
      distance: { entered: 145, unit: 'FEET', inside: 44.2 },
      startTemperatures: { FRONT_LEFT: { entered: 90, unit: 'CELSIUS' } },
      basis: 'ONSET_TO_REST',
      note: null,
      conditions: { surface: 'damp', driver: null },
    } as unknown as HandEntry;
    shown(<AsGiven entry={row} />);
    expect(rowOf('distance')).toBe('distance145 ft');
    expect(rowOf('start temperatures, front left')).toContain('90 °C');
    expect(rowOf('basis')).toBe('basisonset to rest');
    expect(rowOf('surface')).toBe('surfacedamp');
    expect(screen.queryByText('note')).toBeNull();
  });

  it('have beside them what the rules say, and who decided what', () => {
    const view = {
      decisions: [{ struckOut: true, reason: 'a dog', by: 'Marshal', at: '2026-06-20T10:00:00Z' }],
      moves: [
        { onsetS: 3.456, endS: null, why: 'early foot', by: 'Marshal', at: '2026-06-20T10:05:00Z' },
        { onsetS: null, endS: null, why: 'no', by: 'Marshal', at: '2026-06-20T10:06:00Z' },
      ],
    } as unknown as StopView;
    const { container } = shown(<Words stop={view} measured={stop} />);
    expect(container.textContent).toContain('no front pressure was logged: no effectiveness');
    expect(container.textContent).toContain('Struck out: a dog. Marshal');
    expect(container.textContent).toContain('Edges set by hand, onset 3.46 s: early foot');
    expect(container.textContent).toContain('Automatic edges put back: no');
  });

  it.each([
    [{ struckOut: true, validity: 'VALID' }, 'struck out'],
    [{ struckOut: false, validity: 'REPEAT' }, 'repeat'],
    [{ struckOut: false, validity: 'NOTE' }, 'valid, note'],
    [{ struckOut: false, validity: 'VALID' }, 'valid'],
  ])('%j is called %s', (view, word) => {
    shown(<State stop={view as unknown as StopView} />);
    expect(screen.getByText(word)).toBeTruthy();
  });
});
