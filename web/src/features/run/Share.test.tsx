import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { shown } from '../../test-support/shown';
import { Share } from './Share';

describe('the share of line pressure while it is driven', () => {
  it('says whether somebody brakes, and what the last stops had', () => {
    shown(<Share share={{ braking: true, share: 0.6421, last: [0.64, 0.635, 0.6512] }} />);
    expect(screen.getByText(/of the line pressure/).textContent).toBe(
      '64.2 % of the line pressure in front, brakingthe last 3 stops, newest first: 64.0 · 63.5 · 65.1',
    );
  });

  it('says nothing before the first stop or without both lines', () => {
    const { container, rerender } = shown(<Share share={null} />);
    rerender(<Share share={{ braking: false, share: null, last: [] }} />);
    expect(container.textContent).toBe('');
  });
});
