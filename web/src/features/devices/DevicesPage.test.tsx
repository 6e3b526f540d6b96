import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { devices, lastReadings, weather } from '../../api/queries';
import type { Device } from '../../api/types';
import { DevicesPage } from './DevicesPage';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';

const device = (over: Partial<Device>): Device => ({
  id: 'd1',
  name: 'Gun',
  kind: 'THERMOMETER',
  lastSeenAt: null,
  connected: false,
  clockAheadS: null,
  ...over,
});
const NO_WEATHER = { airC: {}, trackC: {}, windMps: {}, humidity: {}, readings: 0, lastAt: null };
const page = (all: Device[], w: unknown = NO_WEATHER, read: unknown[] = []) =>
  shown(<DevicesPage />, [
    [devices().queryKey, all],
    [weather().queryKey, w],
    [lastReadings('d1').queryKey, read],
  ]);

describe('devices', () => {
  beforeEach(() => {
    window.localStorage.clear();
    vi.unstubAllGlobals();
  });

  it('teaches what to do where there is none', () => {
    page([]);
    expect(screen.getByText('No device yet. Add the first one.')).toBeTruthy();
    expect(screen.getByText(/No mast has sent anything/)).toBeTruthy();
  });

  it('says of each whether it is heard, and whether its clock is off', () => {
    page([
      device({ connected: true, clockAheadS: 3600 }),
      device({ id: 'd2', name: 'Mast', kind: 'WEATHER_MAST' }),
      device({ id: 'd3', name: 'Logger', kind: 'LOGGER', connected: true, clockAheadS: -1 }),
    ]);
    expect(
      screen.getByText('connected now; its clock is 60 min ahead, which Frenum puts right'),
    ).toBeTruthy();
    expect(screen.getByText('never')).toBeTruthy();
    expect(screen.getByText('connected now'), 'a second is no matter').toBeTruthy();
  });

  it('shows what was read last in the units of its reader', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    page([device({})], NO_WEATHER, [
      { quantity: 'DISC_TEMPERATURE_FRONT_LEFT', value: { entered: 150, unit: 'CELSIUS', inside: 150 } },
      { quantity: 'BRAKE_FORCE_REAR_RIGHT', value: { entered: 900, unit: 'NEWTONS', inside: 900 } },
    ]);
    expect(screen.getByText('front left 302 °F, rear right 202 lbf')).toBeTruthy();
  });

  it('shows the weather with how much it rests on, and a dash for what the mast has not', () => {
    page([device({})], {
      airC: { value: 14.2 },
      trackC: { value: 23 },
      windMps: { value: -2 },
      humidity: { reason: 'not measured' },
      readings: 30,
      lastAt: '2026-06-20T09:00:00Z',
    });
    expect(screen.getByText('14.2')).toBeTruthy();
    expect(screen.getByText('−7.2')).toBeTruthy();
    expect(screen.getByText('–', { selector: 'dd' })).toBeTruthy();
    expect(screen.getByText(/^30 readings, the last at/)).toBeTruthy();
  });

  it('is added with a name, and its code is shown once', async () => {
    const sent = answering({
      'POST /devices': () => ({ body: { device: device({ name: 'Mast' }), code: 'TARN-42' } }),
      GET: () => ({ body: [] }),
    });
    page([]);
    const add = screen.getByRole<HTMLButtonElement>('button', { name: 'Add it' });
    expect(add.disabled, 'a device without a name cannot be told from another').toBe(true);
    fireEvent.change(screen.getByLabelText('Name of the device'), { target: { value: 'Mast' } });
    fireEvent.click(add);
    expect(await screen.findByText('TARN-42')).toBeTruthy();
    expect(sent[0]?.body).toMatchObject({ name: 'Mast', kind: 'WEATHER_MAST' });
  });

  it('says why one could not be added', async () => {
    answering({
      'POST /devices': () => ({ status: 409, body: { title: 'Not now', detail: 'The name is taken.' } }),
    });
    page([]);
    fireEvent.change(screen.getByLabelText('Name of the device'), { target: { value: 'Mast' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add it' }));
    expect(await screen.findByText('The name is taken.')).toBeTruthy();
  });
});
