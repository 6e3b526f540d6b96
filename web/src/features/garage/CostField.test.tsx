import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { CostField, costOf } from './CostField';

describe('a cost', () => {
  it.each([
    ['62', 62, null],
    ['$660', 660, '$'],
    ['660 €', 660, '€'],
    ['660,-', 660, null],
    ['CHF 62,50', 62.5, 'CHF'],
    ['1115', 1115, null],
    ['1,115.00', 1115, null],
    ['1.115,00 kr.', 1115, 'kr'],
    ['1.115,5', 1115.5, null],
    ["1'115.50", 1115.5, null],
    ['£1 115', 1115, '£'],
    ['1,234,567', 1234567, null],
    ['0', 0, null],
  ])('"%s" is read as it is meant', (text, amount, currency) =>
    expect(costOf(text)).toEqual({ amount, currency }),
  );

  it('left out is none', () => expect(costOf(' ')).toBeNull());

  it.each(['1,115', '1.115', 'dear', '-5', '1,11,5', '1.115.5', '12,3456', '5 bucks', '$5 €'])(
    '"%s" is not guessed at',
    (text) => expect(costOf(text)).toBeUndefined(),
  );

  it('that may be either says which two, keeps what was known, and holds its form', () => {
    const change = vi.fn();
    render(<CostField value={62} currency="€" onChange={change} />);
    const input = screen.getByLabelText<HTMLInputElement>('Cost');
    expect(input.value).toBe('62 €');
    fireEvent.change(input, { target: { value: '1,115' } });
    expect(screen.getByRole('alert').textContent).toContain('may be 1115 or 1.115');
    expect(change).not.toHaveBeenCalled();
    expect(input.checkValidity()).toBe(false);
    fireEvent.change(input, { target: { value: '1115 €' } });
    expect(change).toHaveBeenCalledWith({ amount: 1115, currency: '€' });
    expect(input.checkValidity()).toBe(true);
  });
});
