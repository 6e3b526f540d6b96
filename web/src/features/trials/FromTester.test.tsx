import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { devices, lastReadings } from '../../api/queries';
import { shown } from '../../test-support/shown';
import { FromTester } from './FromTester';

const TESTER = { id: 'r', kind: 'ROLLER_TESTER' };
const force = (wheel: string, entered: number, at: string) => ({
  at,
  quantity: `BRAKE_FORCE_${wheel}`,
  value: { entered, unit: 'NEWTONS' },
});
const reading = (readings: unknown[], onTake = vi.fn()) => {
  shown(<FromTester since="2026-06-01T10:00:00Z" onTake={onTake} />, [
    [devices().queryKey, [TESTER, { id: 'l', kind: 'LOGGER' }]],
    [lastReadings('r').queryKey, readings],
  ]);
  return onTake;
};

describe('what a roller tester on the network read', () => {
  it('is taken by wheel, and only what it read since this visit began', () => {
    const onTake = reading([
      force('FRONT_LEFT', 2950, '2026-06-01T10:05:00Z'),
      force('FRONT_RIGHT', 2840, '2026-06-01T10:05:02Z'),
      force('REAR_LEFT', 1600, '2026-06-01T09:00:00Z'),
    ]);
    fireEvent.click(screen.getByRole('button', { name: 'Take what the roller tester read' }));
    expect(onTake).toHaveBeenCalledWith({
      FRONT_LEFT: { entered: 2950, unit: 'NEWTONS' },
      FRONT_RIGHT: { entered: 2840, unit: 'NEWTONS' },
    });
  });

  it('is offered only once there is something of this visit', () => {
    reading([force('REAR_LEFT', 1600, '2026-06-01T09:00:00Z')]);
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByText(/has read nothing since this visit began/)).toBeTruthy();
  });
});
