import { expect, it } from 'vitest';
import { runView } from '../test-support/run';
import { withChanges } from './changes';
import type { RunView } from './types';

const stop = (id: string, judged: string) => ({ id, judged }) as unknown as RunView['stops'][number];
const known = runView({ events: 7, stops: [stop('a', 'VALID'), stop('b', 'REPEAT')] });

it('puts what changed in the place of what it was', () => {
  const changes = runView({
    events: 9,
    since: 7,
    firstStop: 1,
    stops: [stop('b', 'VALID'), stop('c', 'VALID')],
  });
  const now = withChanges(known, changes);
  expect(now?.stops.map((s) => `${s.id} ${s.judged}`)).toEqual(['a VALID', 'b VALID', 'c VALID']);
  expect([now?.events, now?.firstStop]).toEqual([9, 0]);
});

it('keeps all stops where none of them changed', () => {
  const now = withChanges(known, runView({ events: 8, since: 7, firstStop: 2, stops: [] }));
  expect(now?.stops).toEqual(known.stops);
});

it('takes a whole run as it is, whatever was known', () => {
  const whole = runView({ events: 3, since: 0, firstStop: 0, stops: [stop('x', 'VALID')] });
  expect(withChanges(known, whole)).toBe(whole);
  expect(withChanges(undefined, whole)).toBe(whole);
});

it('knows when something is missing in between', () => {
  const later = runView({ events: 12, since: 11, firstStop: 2, stops: [] });
  expect(withChanges(known, later)).toBeUndefined();
  expect(withChanges(undefined, later)).toBeUndefined();
  expect(withChanges(known, runView({ events: 9, since: 7, firstStop: 5, stops: [] }))).toBeUndefined();
});
