import { describe, expect, it } from 'vitest';
import { whatName } from './words';

describe('what the history says', () => {
  it('is in words, also of what is new to it', () => {
    expect(whatName('StrikeOut')).toBe('a strike-out');
    expect(whatName('SomethingNew')).toBe('SomethingNew');
  });
});
