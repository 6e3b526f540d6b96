import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { CostField, costOf } from './CostField';

describe('a cost', () => {
  it.each([
    ['', null],
    ['62', 62],
    ['$660', 660],
    ['660 €', 660],
    ['660,-', 660],
    ['62,50', 62.5],
    ['1115', 1115],
    ['1,115.00', 1115],
    ['1.115,5', 1115.5],
    ["1'115.50", 1115.5],
    ['1 115', 1115],
    ['1,234,567', 1234567],
    ['0', 0],
  ])('"%s" is read as it is meant', (text, cost) => expect(costOf(text)).toBe(cost));

  it.each(['1,115', '1.115', 'dear', '-5', '1,11,5', '1.115.5', '12,3456'])(
    '"%s" is not guessed at',
    (text) => expect(costOf(text)).toBeUndefined(),
  );

  it('that may be either says which two, keeps what was known, and holds its form', () => {
    const change = vi.fn();
    render(<CostField value={62} onChange={change} />);
    const input = screen.getByLabelText<HTMLInputElement>('Cost');
    fireEvent.change(input, { target: { value: '1,115' } });
    expect(screen.getByRole('alert').textContent).toContain('may be 1115 or 1.115');
    expect(change).not.toHaveBeenCalled();
    expect(input.checkValidity()).toBe(false);
    fireEvent.change(input, { target: { value: '1115' } });
    expect(change).toHaveBeenCalledWith(1115);
    expect(input.checkValidity()).toBe(true);
  });
});
