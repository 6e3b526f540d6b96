import { expect, it } from 'vitest';
import { hoursMinutes } from './clock';

it('tells times rounded up, because a slot that ends does not wait', () => {
  expect(hoursMinutes(59)).toBe('1 min');
  expect(hoursMinutes(3600)).toBe('1 h 00 min');
  expect(hoursMinutes(3601)).toBe('1 h 01 min');
});
