import { describe, expect, it } from 'vitest';
import type { HeatSide } from '../../api/types';
import { teethOf } from './teeth';

const side = (...blocks: number[]) =>
  ({
    study: { stops: blocks.map((_, i) => ({ number: i + 1, discs: {} })) },
    stops: blocks.map((block, i) => ({ id: String(i), number: i + 1, block })),
  }) as unknown as HeatSide;

describe('stops of a day', () => {
  it('stand block by block, whoever drove which, and each block opens anew', () => {
    const day = teethOf([side(1, 1, 3), side(2, 2)]);
    expect(day.map((t) => `${t.letter}${t.block}.${t.number}${t.opens ? ' opens' : ''}`)).toEqual([
      'A1.1 opens',
      'A1.2',
      'B2.1 opens',
      'B2.2',
      'A3.3 opens',
    ]);
  });

  it('keep the letter that their configuration has when it stands alone', () => {
    expect(teethOf([side(1)], ['C']).map((t) => t.letter)).toEqual(['C']);
    expect(teethOf([])).toEqual([]);
  });
});
