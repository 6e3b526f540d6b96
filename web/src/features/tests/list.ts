import type { TestSummary } from '../../api/types';
import { verdictWord } from './verdict';

export type Column = 'question' | 'configurations' | 'stops' | 'verdict' | 'date';

const text = (t: TestSummary) =>
  [t.test.question, t.vehicle, t.test.lane, ...t.configurations, verdictWord(t.verdict).word, t.test.drivenOn]
    .join(' ')
    .toLowerCase();

/** Tests that have every word of the search in them. */
export function found(tests: TestSummary[], search: string): TestSummary[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return tests.filter((t) => words.every((w) => text(t).includes(w)));
}

const KEYS: Record<Column, (t: TestSummary) => string | number> = {
  question: (t) => t.test.question.toLowerCase(),
  configurations: (t) => t.configurations.join(' '),
  stops: (t) => t.stops,
  verdict: (t) => verdictWord(t.verdict).word,
  date: (t) => t.test.drivenOn,
};

export function sorted(tests: TestSummary[], column: Column, down: boolean): TestSummary[] {
  const key = KEYS[column];
  return [...tests].sort((a, b) => {
    const [x, y] = [key(a), key(b)];
    return (x < y ? -1 : x > y ? 1 : 0) * (down ? -1 : 1);
  });
}
