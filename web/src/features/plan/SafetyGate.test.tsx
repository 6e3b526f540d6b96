import { cleanup, fireEvent, screen } from '@testing-library/react';
import { beforeEach, afterEach, describe, expect, it } from 'vitest';
import { planForm } from '../../api/queries';
import type { PlanView, SignedGate } from '../../api/types';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { SafetyGate } from './SafetyGate';

const form = { safety: [{ check: 'COURSE_CLOSED', label: 'The course is closed' }] };
const signed: SignedGate = {
  gate: { seen: ['COURSE_CLOSED'] },
  signedBy: 'Marshal',
  signedAt: '2026-06-20T09:00:00Z',
};
const view = (over: Partial<PlanView>) =>
  ({ plan: {}, safety: null, lapsed: null, version: 3, ...over }) as PlanView;

function gate(stored: PlanView) {
  return shown(<SafetyGate testId="t" stored={stored} unsaved={false} />, [[planForm().queryKey, form]]);
}

beforeEach(() => window.localStorage.setItem('frenum.person', 'Marshal'));

describe('the safety gate', () => {
  afterEach(cleanup);

  it('says who signed for the plan as it is', () => {
    gate(view({ safety: signed }));
    expect(screen.getByText('Signed')).toBeTruthy();
    expect(screen.queryByText('Not signed for this')).toBeNull();
    expect(screen.getByRole<HTMLInputElement>('checkbox').disabled).toBe(true);
  });

  it('says that what was signed for has changed, and has all of it looked at again', () => {
    const sent = answering({ 'PUT /tests/t/safety-gate': () => ({ body: view({ safety: signed }) }) });
    gate(view({ lapsed: signed }));
    expect(screen.getByText('Not signed for this')).toBeTruthy();
    expect(screen.getByText(/Marshal signed on 2026-06-20/)).toBeTruthy();
    const box = screen.getByRole<HTMLInputElement>('checkbox');
    expect(box.checked).toBe(false);
    fireEvent.click(box);
    fireEvent.click(screen.getByRole('button', { name: 'Sign the safety gate' }));
    return expect
      .poll(() => sent.map((s) => [s.body, s.who]))
      .toEqual([[{ seen: ['COURSE_CLOSED'] }, 'Marshal']]);
  });
});
