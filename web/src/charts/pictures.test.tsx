import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Side } from '../api/types';
import { unitsOf } from '../units/units';
import { Bridge } from './Bridge';
import { IntervalTape } from './IntervalTape';

const picture = () => screen.getByRole('img', { hidden: true }).getAttribute('aria-label') ?? '';

describe('the tape of a difference', () => {
  const tape = (difference: number, low: number, high: number, system: 'metric' | 'imperial' = 'metric') =>
    render(
      <IntervalTape
        letter="B"
        difference={difference}
        low={low}
        high={high}
        level={0.95}
        margin={1}
        sign={-1}
        better="shorter"
        shown={unitsOf(system).distance}
      />,
    );

  it('counts what is shorter as a gain, and says on which side of no gain the range lies', () => {
    tape(-3.1, -4.4, -1.8);
    expect(picture()).toBe('Difference 3.1 ± 1.3 m shorter; no gain lies outside the range');
  });

  it('says a loss with its sign', () => {
    tape(0.6, -0.4, 1.6);
    expect(picture()).toBe('Difference −0.6 ± 1.0 m shorter; no gain lies inside the range');
  });

  it('speaks feet to who reads feet', () => {
    tape(-3.1, -4.4, -1.8, 'imperial');
    expect(picture()).toBe('Difference 10 ± 4 ft shorter; no gain lies outside the range');
  });
});

describe('where the metres went', () => {
  const side = (n: number, mfdd: number) =>
    ({ n, mfddMean: { value: mfdd }, entrySpeedMean: { value: 22.3 } }) as unknown as Side;
  const metres = { raw: -3, plateau: -4, lostTime: 0.5, entrySpeed: 0.3, slope: -0.1, rest: 0.3 };
  const bridge = (system: 'metric' | 'imperial') =>
    render(
      <Bridge
        baseline={{ side: side(5, 7.1), letter: 'A', asDriven: 41 }}
        candidate={{ side: side(4, 7.9), letter: 'B' }}
        metres={metres}
        units={unitsOf(system)}
      />,
    );

  it('leads from one mean to the other in parts that add up', () => {
    const { container } = bridge('metric');
    expect(picture()).toBe(
      'A as driven 41.0 m; plateau deceleration −4.0, lost time +0.5, entry speed +0.3, slope of the lane −0.1, not explained +0.3; B as driven 38.0 m',
    );
    const bars = [...container.querySelectorAll('rect[height="18"]')].map((r) => ({
      from: Number(r.getAttribute('x')),
      to: Number(r.getAttribute('x')) + Number(r.getAttribute('width')),
    }));
    expect(bars).toHaveLength(7);
    // The last part ends where the bar of the other mean ends.
    expect(bars[5]?.to).toBeCloseTo(bars[6]?.to ?? 0, 6);
    // What shortens leads back from where the first mean ends.
    expect(bars[1]?.to).toBeCloseTo(bars[0]?.to ?? 0, 6);
  });

  it('has no metre left in feet', () => {
    const { container } = bridge('imperial');
    expect(picture()).toContain('A as driven 135 ft');
    expect(container.textContent).not.toMatch(/m\/s²|km\/h/);
    expect(container.textContent).toContain('23.3 and 25.9 ft/s²');
  });
});
