import { fireEvent, screen, within } from '@testing-library/react';
import { Route, Routes, useLocation } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { assessment, comparison, test } from '../../api/queries';
import type { Check, Comparison, Pair, TestDetail } from '../../api/types';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { Checks } from './Checks';
import { Choices } from './Choices';
import { ComparePage } from './ComparePage';
import { Headline } from './Headline';
import { Together } from './Together';

const words = (metric: string, imperial = metric) => ({ code: 'X', terms: {}, text: { metric, imperial } });
const pair = (over: Partial<Pair> = {}) =>
  ({
    candidateId: 'b',
    candidate: 'Other pads',
    difference: { value: -3.1 },
    margin: { value: 1 },
    interval: { low: -4.4, high: -1.8 },
    conclusion: {
      sentence: words('Other pads stop 3.1 m shorter', 'Other pads stop 10 ft shorter'),
      howSure: words('Very sure'),
      range: words('1.8 to 4.4 m', '6 to 14 ft'),
      next: words('Drive the other way.'),
    },
    inProportion: words('That is 6.6 % of A’s distance.', 'That is 6.6 % of A’s distance.'),
    repeats: words('', ''),
    price: words('', ''),
    expected: null,
    ...over,
  }) as unknown as Pair;
const group = (over: Partial<Comparison>) =>
  ({
    nominalSpeed: 22.352,
    phase: null,
    comparisons: [pair()],
    others: [],
    ...over,
  }) as unknown as Comparison;
const has = (text: string | RegExp) => expect(screen.getByText(text)).toBeTruthy();
const headline = (p: Pair, expectation: TestDetail['expectation'] = null) =>
  shown(<Headline pair={p} letter="B" time={false} guesses={null} expectation={expectation} />);

describe('what came of a comparison', () => {
  beforeEach(() => {
    window.localStorage.removeItem('frenum.system');
    vi.unstubAllGlobals();
  });

  it('is said in the units of its reader, with how sure that is and what was expected beforehand', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    headline(pair(), { expectation: 'B stops shorter', by: 'Ines' } as TestDetail['expectation']);
    has('Other pads stop 10 ft shorter');
    has('Very sure.');
    has('B stops shorter');
    has(/said Ines/);
    expect(document.body.textContent).not.toMatch(/\d m\b/);
  });

  it('draws no range and claims no sureness where there is none', () => {
    headline(pair({ interval: null, conclusion: { ...pair().conclusion, range: words('Too few stops') } }));
    has('Too few stops');
    expect(screen.queryByText('Very sure.')).toBeNull();
    expect(document.querySelector('svg')).toBeNull();
  });

  it('stands beside those of the other kinds of stop, each with its own', () => {
    const cold = pair({ conclusion: { ...pair().conclusion, sentence: words('No difference was seen') } });
    shown(
      <Together groups={[group({}), group({ nominalSpeed: 13.4112, phase: 'cold', comparisons: [cold] })]} />,
    );
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    expect(rows.map((r) => r.textContent)).toEqual([
      'From 80 km/hOther pads stop 3.1 m shorterVery sure',
      'From 48 km/h, coldNo difference was seenVery sure',
    ]);
  });

  it('says of every check how it went, in a word and not by colour alone', () => {
    const check = (code: string, level: Check['level']) =>
      ({ code, level, title: words(code), evidence: words(`${code} evidence`) }) as unknown as Check;
    shown(
      <Checks
        checks={[check('same speed', 'PASS'), check('order', 'CAUTION'), check('tyres', 'NOT_KNOWN')]}
      />,
    );
    const rows = screen.getAllByRole('row').map((r) => r.textContent);
    expect(rows[0]).toContain('Pass');
    expect(rows[1]).toContain('Caution');
    expect(rows[2]).toContain('Not known');
  });

  it('keeps a tick while the figures follow, and asks for another baseline', () => {
    const set = vi.fn<(key: string, value: string | null) => void>();
    const sides = [
      { configurationId: 'a', configuration: 'As bought' },
      { configurationId: 'b', configuration: 'Other pads' },
    ];
    const data = group({ sides: sides as unknown as Comparison['sides'] });
    shown(
      <Choices
        data={data}
        baselineId="a"
        candidateId="b"
        letter={() => 'A'}
        includeStruckOut={false}
        set={set}
      />,
    );
    const tick = screen.getByRole<HTMLInputElement>('checkbox');
    fireEvent.click(tick);
    expect(tick.checked).toBe(true);
    expect(set).toHaveBeenLastCalledWith('struck', 'in');
    fireEvent.change(screen.getByLabelText('Baseline'), { target: { value: 'b' } });
    expect(set).toHaveBeenLastCalledWith('baseline', 'b');
    expect(screen.queryByLabelText('Candidate')).toBeNull();
  });
});

describe('a test with one configuration', () => {
  it('says what a verdict needs, and leads to bringing stops in', () => {
    answering({});
    const Where = () => <p>{useLocation().pathname + useLocation().search}</p>;
    shown(
      <Routes>
        <Route path="/" element={<ComparePage />} />
        <Route path="/import" element={<Where />} />
      </Routes>,
      [
        [test('').queryKey, { configurations: [], expectation: null }],
        [comparison('', null, false).queryKey, group({ comparisons: [] })],
        [assessment('').queryKey, { phases: [], limits: [] }],
      ],
    );
    has(/A verdict needs three stops of each/);
    fireEvent.click(screen.getByRole('button', { name: 'Bring in its stops' }));
    has('/import?test=');
  });

  it('says which limits are met, which not, and which phases nobody drove', () => {
    const limit = { what: 'mean', atLeast: true, value: { inside: 5, unit: 'METRES' }, source: 'our code' };
    const reading = (phase: string, verdict: string, n: number, worst?: number) => ({
      letter: 'A',
      reading: { limit, phase, n, worst: { value: worst }, verdict },
    });
    const phase = (name: string, counted: number) => ({
      name,
      words: `4 from 60 km/h, ${name}`,
      asked: 4,
      sides: [
        { letter: 'A', counted, repeated: 1, meanM: { value: 20.2 }, halfWidthM: { value: 0.4 }, mfdd: {} },
      ],
    });
    shown(
      <Routes>
        <Route path="/" element={<ComparePage />} />
      </Routes>,
      [
        [test('').queryKey, { configurations: [], expectation: null }],
        [comparison('', null, false).queryKey, group({ comparisons: [] })],
        [
          assessment('').queryKey,
          {
            phases: [phase('front off', 4), phase('rear off', 0)],
            limits: [reading('front off', 'NOT_MET', 4, 4.1), reading('rear off', 'NOT_YET_DRIVEN', 0)],
          },
        ],
      ],
    );
    has(/Of 2 limits 1 not met, 1 not yet driven. 1 of 2 phases are driven./);
    const rows = within(screen.getByRole('table', { name: 'Your limits' })).getAllByRole('row');
    expect(rows[1]?.textContent).toContain('Not met');
    expect(rows[2]?.textContent).toContain('Not yet driven');
    has('4 of 4');
    has('not yet');
    expect(document.body.textContent).not.toMatch(/lawful|legal|safe/i);
  });
});
