import { cleanup, configure } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// A busy machine may be slow; that is not what these tests are about.
configure({ asyncUtilTimeout: 15_000 });

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  window.localStorage.clear();
});

/** What jsdom lacks: nothing is ever laid out in it, so nothing is ever resized. */
class NeverResized implements ResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}

window.ResizeObserver = NeverResized;
