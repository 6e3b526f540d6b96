import { describe, expect, it } from 'vitest';
import { figure, number, signed, span, told, unitsOf } from './units';

describe('what the core says', () => {
  it('is told in the units of its reader, with no digits added', () => {
    const said = 'entered at 95.2 km/h: more than 3 % from 90.0 km/h; 12 m long, 80 °C';
    expect(told(said, unitsOf('metric'))).toBe(said);
    expect(told(said, unitsOf('imperial'))).toBe(
      'entered at 59.2 mph: more than 3 % from 55.9 mph; 39 ft long, 176 °F',
    );
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

  it('turns differences of temperatures without their offset', () => {
    const said = 'The front left disc peaks 50 °C hotter than the right; it reached 100 °C.';
    expect(told(said, unitsOf('imperial'))).toBe(
      'The front left disc peaks 90 °F hotter than the right; it reached 212 °F.',
    );
  });
});
