import { fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useStopKey } from './useStopKey';

const stop = vi.fn();

function Card() {
  const armed = useStopKey(stop);
  return (
    <>
      <p>{armed ? 'once more' : 'ready'}</p>
      <input aria-label="Note" />
    </>
  );
}

const press = (key: string, target: Element = document.body) => fireEvent.keyDown(target, { key });

describe('the key that stops testing', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    stop.mockClear();
    render(<Card />);
  });
  afterEach(() => vi.useRealTimers());

  it('is X pressed twice, and says so after the first', () => {
    press('x');
    expect(screen.getByText('once more')).toBeTruthy();
    expect(stop).not.toHaveBeenCalled();
    press('X');
    expect(stop).toHaveBeenCalledOnce();
    expect(screen.getByText('ready')).toBeTruthy();
  });

  it('is forgotten after a moment', () => {
    press('x');
    vi.advanceTimersByTime(1600);
    press('x');
    expect(stop).not.toHaveBeenCalled();
  });

  it('is a letter where somebody types, and Escape never stops anything', () => {
    press('x', screen.getByLabelText('Note'));
    press('x', screen.getByLabelText('Note'));
    press('Escape');
    press('Escape');
    expect(stop).not.toHaveBeenCalled();
  });
});
