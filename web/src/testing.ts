import { cleanup } from '@testing-library/react';
import { afterEach } from 'vitest';

afterEach(cleanup);

/** What jsdom lacks: nothing is ever laid out in it, so nothing is ever resized. */
class NeverResized implements ResizeObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}

globalThis.ResizeObserver ??= NeverResized;
