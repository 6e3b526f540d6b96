import { expect, it } from 'vitest';
import type { TestDetail } from '../../api/types';
import { worthwhileM } from './PlanPage';

const detail = (marginSize: number, marginOfBaseline: boolean, metres: number[]) =>
  ({
    test: { marginSize, marginOfBaseline, baselineConfigurationId: 'a' },
    series: [
      { id: '1', configurationId: 'a' },
      { id: '2', configurationId: 'b' },
    ],
    stops: [
      ...metres.map((value) => ({
        seriesId: '1',
        kind: 'STOP',
        struckOut: false,
        validity: 'VALID',
        value: { value },
      })),
      { seriesId: '1', kind: 'STOP', struckOut: true, validity: 'VALID', value: { value: 90 } },
      { seriesId: '1', kind: 'SNUB', struckOut: false, validity: 'VALID', value: {} },
      { seriesId: '2', kind: 'STOP', struckOut: false, validity: 'VALID', value: { value: 30 } },
    ],
  }) as unknown as TestDetail;

it('plans with the smallest worthwhile difference that the stops are compared with', () => {
  expect(worthwhileM(detail(0.8, false, []))).toBe(0.8);
  expect(worthwhileM(detail(0.02, true, [39, 41]))).toBe(0.8);
  expect(worthwhileM(detail(0.02, true, []))).toBe(1);
});
