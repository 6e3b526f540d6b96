import { describe, expect, it } from 'vitest';
import { statusWords } from './TopLine';

describe('what the card says of its link', () => {
  it('is nothing while all is well, and what is lost and what is not once it is gone', () => {
    expect(statusWords(true, false)).toBe('');
    expect(statusWords(true, true)).toBe('Saved here, not yet sent');
    expect(statusWords(false, false)).toBe('No link to Frenum: go on, nothing is lost');
    expect(statusWords(false, true)).toBe(
      'No link to Frenum: go on, nothing is lost. Saved here, not yet sent',
    );
  });
});
