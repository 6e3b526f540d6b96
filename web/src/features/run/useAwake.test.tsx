import { render, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useAwake } from './useAwake';

function Card() {
  useAwake();
  return null;
}

const withLocks = (request: () => Promise<unknown>) =>
  Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });

describe('the screen of the run card', () => {
  afterEach(() => Reflect.deleteProperty(navigator, 'wakeLock'));

  it('stays on while the card is looked at, is held again after it was off, and let go with the card', async () => {
    const release = vi.fn(() => Promise.resolve());
    const request = vi.fn(() => Promise.resolve({ release }));
    withLocks(request);
    const { unmount } = render(<Card />);
    await waitFor(() => expect(request).toHaveBeenCalledTimes(1));
    document.dispatchEvent(new Event('visibilitychange'));
    await waitFor(() => expect(request).toHaveBeenCalledTimes(2));
    expect(release).not.toHaveBeenCalled();
    unmount();
    await waitFor(() => expect(release).toHaveBeenCalled());
  });

  it('goes out as it likes where the browser or its battery will not have it', async () => {
    const request = vi.fn(() => Promise.reject(new Error('battery')));
    withLocks(request);
    render(<Card />).unmount();
    await waitFor(() => expect(request).toHaveBeenCalled());
    Reflect.deleteProperty(navigator, 'wakeLock');
    render(<Card />).unmount();
  });
});
