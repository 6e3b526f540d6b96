import { describe, expect, it } from 'vitest';
import { partName, whatName } from './words';

describe('what the history says', () => {
  it('is in words, also of what is new to it', () => {
    expect(partName('tyrePressureFrontBar')).toBe('tyre pressure front bar');
    expect(whatName('StrikeOut')).toBe('a strike-out');
    expect(whatName('SomethingNew')).toBe('SomethingNew');
  });
});
