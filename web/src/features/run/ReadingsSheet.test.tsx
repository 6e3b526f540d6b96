import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Happening, RunView } from '../../api/types';
import { ReadingsSheet } from './ReadingsSheet';
import { runView } from '../../test-support/run';
import { shown } from '../../test-support/shown';

const keep = () =>
  screen.getByRole<HTMLButtonElement>('button', { name: /Judge this stop|Add to this stop/ });
const keys = (text: string) => [...text].forEach((key) => fireEvent.keyDown(window, { key }));
const choose = (name: RegExp | string) =>
  fireEvent.click(screen.queryByRole('button', { name }) ?? screen.getByRole('radio', { name }));

function sheet(view: RunView, nowS = 1030) {
  const say = vi.fn<(what: Happening) => void>();
  const element = (now: number) => (
    <ReadingsSheet
      view={view}
      now={now}
      restAtS={1000}
      holder="Marshal"
      say={say}
      onClose={() => undefined}
    />
  );
  shown(element(nowS));
  return say;
}

describe('readings after a stop', () => {
  beforeEach(() => window.localStorage.clear());

  it('are typed on the keyboard or with gloves, and say how late the discs were read', () => {
    const say = sheet(runView({ stage: 'AT_REST' }), 1012.34);
    expect(keep().disabled).toBe(true);
    keys('14');
    choose('5');
    choose(/^Distance/);
    keys('47,3');
    choose('long-soft');
    choose('a front wheel locked');
    choose('warm tyres');
    choose('was off');
    expect(keep().disabled).toBe(false);
    fireEvent.click(keep());
    expect(say).toHaveBeenCalledWith({
      type: 'entered',
      readings: expect.objectContaining({
        peaks: { FRONT_LEFT: { entered: 145, unit: 'CELSIUS' } },
        distances: [{ by: 'Marshal', distance: { entered: 47.3, unit: 'METRES' } }],
        instrument: 'TAPE',
        lateS: 12.3,
        pedal: 'LONG_SOFT',
        lockSeen: true,
        rearFirst: false,
        tyres: 'WARM',
        switches: { COOLING_SPRAY: false },
      }) as unknown,
    });
  });

  it('that cannot be are pointed at and not sent', () => {
    sheet(runView({ stage: 'AT_REST' }));
    choose(/^Distance/);
    keys('47');
    choose(/^Front right/);
    keys('9999');
    expect(screen.getByText('must be −40 to 1200')).toBeTruthy();
    expect(keep().disabled).toBe(true);
    fireEvent.keyDown(window, { key: 'Backspace' });
    expect(keep().disabled).toBe(false);
  });

  it('of several people are all kept, in the units of their tape', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    const say = sheet(runView({ stage: 'AT_REST' }));
    choose('Somebody else read it too');
    choose(/^Distance[^,]/);
    keys('150');
    choose(/^Distance, reader 2/);
    keys('152');
    fireEvent.click(keep());
    const said = say.mock.calls[0]?.[0];
    expect(said?.type === 'entered' && said.readings.distances.map((d) => d.distance)).toEqual([
      { entered: 150, unit: 'FEET' },
      { entered: 152, unit: 'FEET' },
    ]);
  });

  it('beside a logger need no distance', () => {
    const stops = [{ logged: {}, readings: { peaks: {}, distances: [] } }] as unknown as RunView['stops'];
    const say = sheet(runView({ stage: 'JUDGED', stops }));
    choose('firm');
    expect(keep().textContent).toBe('Add to this stop');
    fireEvent.click(keep());
    expect(say).toHaveBeenCalledOnce();
  });
});
