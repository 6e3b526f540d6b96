import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { difference } from '../../api/queries';
import type { Configuration, Difference } from '../../api/types';
import { DifferenceView } from './DifferenceView';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';

const configuration = (id: string, name: string) => ({ id, name, edition: 1 }) as Configuration;
const ALL = [configuration('a', 'As bought'), configuration('b', 'Other pads')];
const told = (over: Partial<Difference>): Difference => ({
  first: 'As bought',
  second: 'Other pads',
  changes: [{ place: 'front pads', factor: 'pads', before: 'organic', after: 'semi-metallic' }],
  factors: ['pads'],
  massKg: { value: -0.42 },
  massUncertaintyKg: { value: 0.04 },
  currency: null,
  cost: { reason: 'the cost of the front pads is not entered' },
  hours: { value: 1.5 },
  warning: null,
  ...over,
});
const set = vi.fn<(key: string, value: string) => void>();
const view = (d: Difference, b = 'b', all = ALL) =>
  shown(<DifferenceView all={all} a="a" b={b} set={set} />, [[difference('a', b).queryKey, d]]);
const has = (text: string | RegExp) => expect(screen.getByText(text)).toBeTruthy();

describe('what differs between two configurations', () => {
  beforeEach(() => {
    vi.unstubAllGlobals();
    set.mockClear();
  });

  it('can name a cause where one thing changed, with no more digits than the scales gave', () => {
    view(told({}));
    has('Only the pads change: a test can tell what they do.');
    has('0.42 ± 0.08 lighter');
    has('cannot be computed: the cost of the front pads is not entered');
    has('semi-metallic');
  });

  it('weighs in pounds for who reads pounds', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    view(told({}));
    window.localStorage.removeItem('frenum.system');
    has('Mass of the changed parts, lb');
    has('0.9 ± 0.2 lighter');
  });

  it('says that nothing differs', () => {
    view(told({ changes: [], factors: [] }));
    has('Nothing that affects braking differs between them.');
  });

  it('offers the configuration in between where two things changed', async () => {
    const sent = answering({ 'POST /configurations': () => ({ body: configuration('c', 'between') }) });
    view(told({ factors: ['pads', 'fluid'], warning: 'pads and fluid change together.' }));
    has('pads and fluid change together.');
    fireEvent.click(screen.getByRole('button', { name: 'the fluid' }));
    await vi.waitFor(() => expect(set).toHaveBeenCalledWith('b', 'c'));
    expect(sent[0]?.path).toMatch(/^\/configurations\/a\/between\/b\?factor=fluid&id=/);
  });

  it('needs two, and two that differ', () => {
    view(told({}), 'b', ALL.slice(0, 1));
    has('A second configuration is needed to tell what changed.');
    view(told({}), 'a');
    has('These are the same. Choose two.');
  });
});
