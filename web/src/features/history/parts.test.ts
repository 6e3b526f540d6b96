import { describe, expect, it } from 'vitest';
import { unitsOf } from '../../units/units';
import { isId, partName, shown } from './parts';

describe('what changed, as people say it', () => {
  const metric = unitsOf('metric');
  const imperial = unitsOf('imperial');

  it('names a part without its inside unit, and what is within a document after it', () => {
    expect(partName('tyrePressureFrontBar')).toBe('tyre pressure front');
    expect(partName('ambientC')).toBe('ambient');
    expect(partName('spec.parts.PADS_FRONT.figures.MASS')).toBe('spec, parts, pads front, figures, mass');
    expect(partName('struckOut')).toBe('struck out');
  });

  it('shows inside values in the reader’s units', () => {
    expect(shown('windMps', '1.2', metric)).toBe('4.3 km/h');
    expect(shown('windMps', '1.2', imperial)).toBe('2.7 mph');
    expect(shown('ambientC', '14.0', imperial)).toBe('57 °F');
    expect(shown('tyrePressureFrontBar', '2.4', metric)).toBe('2.4 bar');
    expect(shown('tyrePressureFrontBar', '2.4', imperial)).toBe('34.8 psi');
    expect(shown('humidity', '0.58', metric)).toBe('58.0 %');
    expect(shown('spec.thresholds.1', '260 °C', imperial)).toBe('260 °C');
  });

  it('leaves words as they were said, and puts constants and moments into words', () => {
    expect(shown('reason', 'braked before the cone', metric)).toBe('braked before the cone');
    expect(shown('noteC', 'cold, very', metric)).toBe('cold, very');
    expect(shown('basis', 'ONSET_TO_REST', metric)).toBe('onset to rest');
    expect(shown('struckOut', 'true', metric)).toBe('yes');
    expect(shown('sealedAt', '2026-06-20T09:00:00Z', metric)).toMatch(/20 Jun 2026/);
    expect(isId('6f890e64-eb1f-43d2-9b36-a049f08ddae6')).toBe(true);
    expect(isId('Tarn 2.0')).toBe(false);
  });
});
