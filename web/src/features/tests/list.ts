import type { TestSummary } from '../../api/types';
import { verdictWord } from './verdict';

export type Column = 'question' | 'configurations' | 'stops' | 'verdict' | 'date';

/** What the list is narrowed to; empty for anything. */
export type Filter = { search: string; vehicle: string; configuration: string; year: string };

export const EVERYTHING: Filter = { search: '', vehicle: '', configuration: '', year: '' };

const yearOf = (t: TestSummary) => t.test.drivenOn.slice(0, 4);

const text = (t: TestSummary) =>
  [t.test.question, t.vehicle, t.test.lane, ...t.configurations, verdictWord(t.verdict).word, t.test.drivenOn]
    .join(' ')
    .toLowerCase();

/** Tests that fit the filter, and have every word of its search in them. */
export function found(tests: TestSummary[], filter: Filter): TestSummary[] {
  const words = filter.search.toLowerCase().split(/\s+/).filter(Boolean);
  return tests.filter(
    (t) =>
      words.every((w) => text(t).includes(w)) &&
      (filter.vehicle === '' || t.vehicle === filter.vehicle) &&
      (filter.configuration === '' || t.configurations.includes(filter.configuration)) &&
      (filter.year === '' || yearOf(t) === filter.year),
  );
}

/** What there is to narrow it to, in the order of the alphabet, years newest first. */
export function choicesOf(tests: TestSummary[]) {
  const distinct = (all: string[]) => [...new Set(all)].sort((a, b) => a.localeCompare(b));
  return {
    vehicle: distinct(tests.map((t) => t.vehicle)),
    configuration: distinct(tests.flatMap((t) => t.configurations)),
    year: distinct(tests.map(yearOf)).reverse(),
  };
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
