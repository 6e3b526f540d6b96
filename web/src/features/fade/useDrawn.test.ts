import { describe, expect, it } from 'vitest';
import type { FadeSide } from '../../api/types';
import { firstDrawn } from './useDrawn';

const side = (id: string, left?: number) =>
  ({
    configurationId: id,
    study: { cause: { relEffectiveness: left === undefined ? { reason: 'few' } : { value: left } } },
  }) as unknown as FadeSide;

describe('what a picture of fade begins with', () => {
  it('is all of a few', () => {
    expect(firstDrawn([side('a'), side('b', 0.7)])).toEqual(['a', 'b']);
  });

  it('is the first of many, and those that lose most', () => {
    const many = [0.99, 0.98, 0.6, undefined, 0.7, 0.95, 0.65].map((left, i) =>
      side('abcdefg'.charAt(i), left),
    );
    expect(firstDrawn(many)).toEqual(['a', 'c', 'g', 'e']);
    expect(many.map((s) => s.configurationId).join('')).toBe('abcdefg');
  });
});
