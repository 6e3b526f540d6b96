import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Gating } from '../../api/types';
import { Motion } from './Motion';

it('asks whether the car rolls or stands, shows what is known, and says what is tapped', () => {
  const say = vi.fn();
  const { rerender } = render(<Motion gate={{ motion: null } as Gating} say={say} />);
  const stands = () => screen.getByRole('button', { name: 'It stands' });
  expect(stands().getAttribute('aria-pressed')).toBe('false');
  fireEvent.click(stands());
  expect(say).toHaveBeenCalledWith({ type: 'carMoves', motion: 'STANDING' });
  rerender(<Motion gate={{ motion: 'STANDING' } as Gating} say={say} />);
  expect(stands().getAttribute('aria-pressed')).toBe('true');
  expect(screen.getByRole('button', { name: 'It rolls' }).getAttribute('aria-pressed')).toBe('false');
});
