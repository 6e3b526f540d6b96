import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { planForm } from '../../api/queries';
import type { Happening, RunView } from '../../api/types';
import { CrackSheet } from './CrackSheet';
import { runView } from '../../test-support/run';
import { shown } from '../../test-support/shown';

const FORM = {
  cracks: [
    { crack: 'NONE', label: 'none' },
    { crack: 'RADIAL', label: 'a short radial crack' },
  ],
};

function sheet(view: RunView) {
  const say = vi.fn<(what: Happening) => void>();
  const onClose = vi.fn();
  shown(<CrackSheet view={view} say={say} onClose={onClose} />, [[planForm().queryKey, FORM]]);
  return { say, onClose };
}
const keep = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Keep what was seen' });

describe('a disc that was looked at', () => {
  it('is kept with its face, class and length, once all can be', () => {
    const { say, onClose } = sheet(runView());
    expect(keep().disabled).toBe(true);
    fireEvent.click(screen.getByRole('radio', { name: 'Rear right' }));
    fireEvent.click(screen.getByRole('radio', { name: 'inner face' }));
    fireEvent.click(screen.getByRole('radio', { name: '1. a short radial crack' }));
    const length = screen.getByLabelText('Longest crack');
    fireEvent.change(length, { target: { value: '900' } });
    expect(screen.getByText('It must be 0.5 to 400 mm.')).toBeTruthy();
    expect(keep().disabled).toBe(true);
    fireEvent.change(length, { target: { value: '7,5' } });
    fireEvent.click(keep());
    expect(say).toHaveBeenCalledWith({
      type: 'cracksSeen',
      faces: [
        {
          wheel: 'REAR_RIGHT',
          face: 'INNER',
          crack: 'RADIAL',
          length: { entered: 7.5, unit: 'MILLIMETRES' },
        },
      ],
    });
    expect(onClose).toHaveBeenCalledOnce();
  });

  it('is shown what the last look said of the same face', () => {
    const cracks = [
      { wheel: 'FRONT_LEFT', face: 'OUTER', crack: 'RADIAL', length: { entered: 6, unit: 'MILLIMETRES' } },
    ] as unknown as RunView['cracks'];
    sheet(runView({ cracks }));
    expect(screen.getByText('At the last look: a short radial crack, 6 mm.')).toBeTruthy();
    fireEvent.click(screen.getByRole('radio', { name: 'inner face' }));
    expect(screen.getByText('Not looked at yet in this run.')).toBeTruthy();
  });
});
