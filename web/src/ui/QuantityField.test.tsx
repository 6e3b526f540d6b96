import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Quantity } from '../api/types';
import { shown } from '../test-support/shown';
import { QuantityField, type Allowed } from './QuantityField';

const SPEED: Allowed = {
  label: 'Entry speed',
  units: [
    { unit: 'KILOMETRES_PER_HOUR', symbol: 'km/h', low: 20, high: 250 },
    { unit: 'MILES_PER_HOUR', symbol: 'mph', low: 12.43, high: 155.3 },
  ],
};

function field(value: Quantity | null = null, error?: string) {
  const onChange = vi.fn<(q: Quantity | null) => void>();
  shown(<QuantityField allowed={SPEED} value={value} onChange={onChange} {...(error ? { error } : {})} />);
  const input = screen.getByLabelText<HTMLInputElement>('Entry speed');
  return { onChange, type: (text: string) => fireEvent.change(input, { target: { value: text } }), input };
}

describe('a quantity as typed', () => {
  it('keeps the number in the unit it was typed in, with point or comma', () => {
    const { onChange, type } = field();
    type('90,5');
    expect(onChange).toHaveBeenLastCalledWith({ entered: 90.5, unit: 'KILOMETRES_PER_HOUR' });
    fireEvent.change(screen.getByLabelText('Unit of entry speed'), { target: { value: 'MILES_PER_HOUR' } });
    expect(onChange).toHaveBeenLastCalledWith({ entered: 90.5, unit: 'MILES_PER_HOUR' });
  });

  it('is unknown when it is emptied, and not nought', () => {
    const { onChange, type } = field({ entered: 90, unit: 'KILOMETRES_PER_HOUR' });
    type('  ');
    expect(onChange).toHaveBeenLastCalledWith(null);
  });

  it('that cannot be is told with what was read and what is possible', () => {
    const { onChange, type, input } = field();
    expect(screen.getByText('20 to 250 km/h')).toBeDefined();
    type('1004');
    expect(screen.getByText('1004 km/h read. It must be 20 to 250 km/h.')).toBeDefined();
    expect(input.getAttribute('aria-invalid')).toBe('true');
    type('fast');
    expect(screen.getByText('“fast” is not a number.')).toBeDefined();
    expect(onChange).toHaveBeenCalledTimes(1);
  });

  it('shows what the server found wrong while nothing worse is wrong here', () => {
    const { type } = field({ entered: 90, unit: 'KILOMETRES_PER_HOUR' }, 'Too fast for this lane.');
    expect(screen.getByText('Too fast for this lane.')).toBeDefined();
    type('x');
    expect(screen.queryByText('Too fast for this lane.')).toBeNull();
  });

  it('begins in the units of whoever types, and is bounded in the unit that it is typed in', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    const { onChange, type } = field();
    expect(screen.getByText('12.4 to 155 mph')).toBeDefined();
    type('200');
    expect(onChange).toHaveBeenLastCalledWith({ entered: 200, unit: 'MILES_PER_HOUR' });
    expect(screen.getByText('200 mph read. It must be 12.4 to 155 mph.')).toBeDefined();
  });
});
