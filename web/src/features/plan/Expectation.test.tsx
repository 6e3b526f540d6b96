import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Configuration, PlanView } from '../../api/types';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { Expectation } from './Expectation';

const CANDIDATES = ['b', 'c'].map((id) => ({ id, name: `Pads ${id}`, edition: 1 })) as Configuration[];
const plan = (over: Partial<PlanView>) => ({ plan: {}, expectation: null, ...over }) as unknown as PlanView;
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

beforeEach(() => window.localStorage.setItem('frenum.person', 'Ines'));

describe('what is expected before the first stop', () => {
  it('is sealed as a figure of one configuration', async () => {
    window.localStorage.setItem('frenum.person', 'Ines');
    const sent = answering({ 'PUT /tests/t/expectation': () => ({ body: plan({}) }) });
    shown(<Expectation testId="t" stored={plan({})} candidates={CANDIDATES} />);
    const seal = screen.getByRole<HTMLButtonElement>('button', { name: 'Seal it' });
    expect(seal.disabled, 'nothing to seal yet').toBe(true);
    type('Of which', 'c');
    type('It will stop', 'SHORTER');
    type('By how much', '2.5');
    fireEvent.click(seal);
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).toEqual({
      expectation: '',
      candidateId: 'c',
      guess: { sense: 'SHORTER', size: { entered: 2.5, unit: 'METRES' } },
    });
  });

  it('stands as it was typed once it is sealed, and cannot be typed again', () => {
    const guess = { sense: 'LONGER' as const, size: { entered: 7, unit: 'FEET' as const } };
    const expectation = {
      expectation: 'I fear',
      guess,
      candidateId: null,
      by: 'Ines',
      sealedAt: '2026-06-01T08:00:00Z',
    };
    shown(<Expectation testId="t" stored={plan({ expectation })} candidates={CANDIDATES} />);
    expect(screen.getByText('7 ft longer, I fear')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
