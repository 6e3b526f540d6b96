import { describe, expect, it } from 'vitest';
import { figure, number, said, signed, span, unitsOf } from './units';

describe('what is found', () => {
  it('is said in the units of its reader', () => {
    const finding = { text: { metric: 'entered at 95.2 km/h', imperial: 'entered at 59.2 mph' } };
    expect(said(finding, unitsOf('metric'))).toBe('entered at 95.2 km/h');
    expect(said(finding, unitsOf('imperial'))).toBe('entered at 59.2 mph');
  });
});

describe('units', () => {
  it('shows speed, distance and pressure in both systems', () => {
    expect(figure({ value: 25 }, unitsOf('metric').speed)).toBe('90.0');
    expect(figure({ value: 25 }, unitsOf('imperial').speed)).toBe('55.9');
    expect(figure({ value: 45.4 }, unitsOf('imperial').distance)).toBe('149');
    expect(figure({ value: 69 }, unitsOf('imperial').pressure)).toBe('1001');
  });

  it('uses a true minus, and none for what rounds to zero', () => {
    expect(number(-2.04, 1)).toBe('−2.0');
    expect(number(-0.04, 1)).toBe('0.0');
    expect(signed(0.26, 1)).toBe('+0.3');
  });

  it('shows a dash where a figure cannot be computed', () => {
    expect(figure({ reason: 'no pressure was logged' }, unitsOf('metric').pressure)).toBe('–');
  });

  it('turns a difference of temperatures without the offset', () => {
    expect(span(10, unitsOf('imperial').temperature)).toBeCloseTo(18);
  });
});
