import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { RunView } from '../../api/types';
import { shown } from '../../test-support/shown';
import { Disputed } from './Disputed';

const ruling = (by: string, validity: string, reason = '') => ({ by, validity, reason, atS: 0 });
const view = (objections: unknown[]) =>
  ({
    stops: [
      { id: 'a', decision: ruling('Ines', 'VALID'), objections: [] },
      { id: 'b', decision: ruling('Ines', 'VALID'), objections },
    ],
  }) as unknown as RunView;

describe('a stop that two judged differently', () => {
  it('is shown with what both said, until they have settled it', () => {
    const say = vi.fn();
    shown(<Disputed view={view([ruling('Ash', 'REPEAT', 'a gust')])} say={say} />);
    const alert = screen.getByRole('alert').textContent;
    expect(alert).toContain('Stop 2 was judged differently.');
    expect(alert).toMatch(/Ines, .*: it counts\. Ash, .*: drive it again, a gust\./);
    fireEvent.click(screen.getByRole('button', { name: 'We have settled it' }));
    expect(say).toHaveBeenCalledWith({ type: 'settled', stop: 'b' });
  });

  it('is not there while nobody objects', () => {
    shown(<Disputed view={view([])} say={vi.fn()} />);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
