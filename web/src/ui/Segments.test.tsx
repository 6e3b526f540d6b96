import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { Segments } from './Segments';

function segments(value: '' | 'on' | 'off') {
  const onChange = vi.fn<(v: '' | 'on' | 'off') => void>();
  render(
    <Segments
      label="Assist"
      value={value}
      options={[
        ['', 'not looked'],
        ['on', 'was on'],
        ['off', 'was off'],
      ]}
      onChange={onChange}
    />,
  );
  return onChange;
}

it('one of several is chosen, also the one that stands for nothing', () => {
  const onChange = segments('on');
  expect(screen.getByRole('radio', { name: 'was on' }).getAttribute('aria-checked')).toBe('true');
  fireEvent.click(screen.getByRole('radio', { name: 'was off' }));
  fireEvent.click(screen.getByRole('radio', { name: 'not looked' }));
  expect(onChange.mock.calls).toEqual([['off'], ['']]);
});

it('a press on what is chosen already leaves it chosen', () => {
  const onChange = segments('');
  const chosen = screen.getByRole('radio', { name: 'not looked' });
  expect(chosen.getAttribute('aria-checked')).toBe('true');
  fireEvent.click(chosen);
  expect(onChange).not.toHaveBeenCalled();
});
