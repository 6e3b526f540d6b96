import { describe, expect, it } from 'vitest';
import { stagesOf, titleOf } from './sections';

const all = (testId?: string) => stagesOf(testId).flatMap((s) => s.sections);

describe('sections', () => {
  it('open no test before one is chosen', () => {
    expect(all().some((s) => s.to.includes('/tests/'))).toBe(false);
    expect(all().map((s) => s.name)).not.toContain('Compare');
  });

  it('open the chosen test and no other', () => {
    const own = all('7').filter((s) => s.to.startsWith('/tests/'));
    expect(own.map((s) => s.name)).toEqual([
      'Plan',
      'Run',
      'Type',
      'Trials',
      'Stops',
      'Fade',
      'Heat',
      'Balance',
      'Compare',
    ]);
    expect(own.every((s) => s.to.startsWith('/tests/7/'))).toBe(true);
    expect(stagesOf('7').map((s) => s.name)).toEqual(['Set up', 'Test', 'Read', 'Decide']);
  });

  it('have a name each', () => {
    for (const { to, name } of all('7')) expect(titleOf(to.split('?')[0] ?? ''), name).toBeDefined();
    expect(titleOf('/tests/7/fade')).toBe('Fade');
    expect(titleOf('/tests')).toBe('Tests');
    expect(titleOf('/tests/7/run/driver')).toBe('Driver or rider');
  });
});
