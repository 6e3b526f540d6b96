import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { planForm } from '../../api/queries';
import type { Happening, RunView } from '../../api/types';
import type { Queued } from './queue';
import { StoppedPanel } from './StoppedPanel';
import { runView } from '../../test-support/run';
import { shown } from '../../test-support/shown';
import { written } from '../../test-support/written';

const FORM = {
  abort: [
    { rule: 'CRACK', label: 'A crack', inspect: 'both faces of every disc' },
    { rule: 'FLUID_LOSS', label: 'Fluid loss', inspect: 'every joint' },
  ],
};
const NOTHING: Queued = { pending: [], refused: [] };
const halted = (rule: string | null) =>
  runView({
    stage: 'STOPPED',
    halt: { rule, by: 'Marshal', atS: 1000, why: written('said at the card') } as RunView['halt'],
  });

function panel(view: RunView, queued = NOTHING) {
  const say = vi.fn<(what: Happening) => void>();
  shown(<StoppedPanel view={view} queued={queued} say={say} />, [[planForm().queryKey, FORM]]);
  return say;
}
const inspected = () => screen.getByLabelText<HTMLInputElement>('What was inspected, and found');

describe('testing that is stopped', () => {
  it('says what to inspect, and goes on only after words and a second press', () => {
    const say = panel(halted('CRACK'));
    expect(screen.getByText(/both faces of every disc/)).toBeTruthy();
    const release = screen.getByRole<HTMLButtonElement>('button', { name: 'Release testing' });
    expect(release.disabled).toBe(true);
    fireEvent.change(inspected(), { target: { value: ' All four discs whole. ' } });
    fireEvent.click(release);
    expect(say).not.toHaveBeenCalled();
    fireEvent.change(inspected(), { target: { value: 'All four discs whole.' } });
    expect(screen.getByText('Release testing'), 'other words need both presses again').toBeTruthy();
    fireEvent.click(screen.getByText('Release testing'));
    fireEvent.click(screen.getByText('Yes, testing may go on'));
    expect(say).toHaveBeenCalledWith({ type: 'released', inspected: 'All four discs whole.' });
  });

  it('has the words of a release that was refused', () => {
    const event = {
      id: 'e',
      atS: 1,
      who: 'Ash',
      what: { type: 'released', inspected: 'Discs looked at.' },
    };
    panel(halted('CRACK'), { pending: [], refused: [{ event, why: 'a disc is cracked' }] } as Queued);
    expect(inspected().value).toBe('Discs looked at.');
  });

  it('by anyone’s word may be told its rule afterwards', () => {
    const say = panel(halted(null));
    fireEvent.click(screen.getByRole('button', { name: 'Fluid loss' }));
    expect(say).toHaveBeenCalledWith({ type: 'stopped', rule: 'FLUID_LOSS', words: 'Fluid loss' });
  });
});
