import { afterEach, describe, expect, it, vi } from 'vitest';
import { newId } from './newId';

describe('an id', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('is made over plain http too, where a browser makes none by itself', () => {
    const { getRandomValues } = crypto;
    vi.stubGlobal('crypto', { getRandomValues: getRandomValues.bind(crypto) });
    const made = Array.from({ length: 200 }, newId);
    expect(new Set(made).size).toBe(200);
    for (const id of made)
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  });
});
