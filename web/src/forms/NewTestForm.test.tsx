import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { vehicles } from '../api/queries';
import { shown } from '../test-support/shown';
import { NewTestForm, type NewTest } from './NewTestForm';

function form() {
  const onReady = vi.fn<(test: NewTest | null) => void>();
  shown(<NewTestForm onReady={onReady} />, [[vehicles().queryKey, [{ id: 'v', name: 'Tarn 2.0 estate' }]]]);
  const type = (label: string, value: string) => {
    const field = screen.getByLabelText(label);
    fireEvent.change(field, { target: { value } });
    fireEvent.blur(field);
  };
  return { onReady, type, told: () => onReady.mock.lastCall?.[0] };
}

describe('a new test', () => {
  it('is ready once it says what it asks and of which vehicle', () => {
    const { type, told } = form();
    expect(told()).toBeNull();
    type('What do you want to know', ' Do the pads help? ');
    expect(told()).toBeNull();
    type('Its name', 'Estate');
    expect(told()?.vehicle).toMatchObject({ name: 'Estate' });
    expect(told()?.test).toMatchObject({
      question: 'Do the pads help?',
      nominalSpeed: { value: 90, unit: 'KILOMETRES_PER_HOUR' },
      marginSize: 1,
      basis: 'ONSET_TO_REST',
    });
    expect(told()?.test.vehicleId).toBe(told()?.vehicle?.id);
  });

  it('takes a vehicle that is known, and none of its own accord', () => {
    const { type, told } = form();
    expect(screen.getByLabelText<HTMLSelectElement>('Vehicle').value).toBe('new');
    type('What do you want to know', 'Do the pads help?');
    fireEvent.change(screen.getByLabelText('Vehicle'), { target: { value: 'v' } });
    expect(told()?.vehicle).toBeNull();
    expect(told()?.test.vehicleId).toBe('v');
  });

  it('waits while a figure cannot be, and says what can', () => {
    const { type, told } = form();
    type('What do you want to know', 'Do the pads help?');
    type('Its name', 'Estate');
    type('Nominal speed', '900');
    expect(screen.getByText('900 km/h read. It must be 15 to 300 km/h.')).toBeTruthy();
    expect(told()).toBeNull();
    type('Nominal speed', '60');
    expect(told()?.test.nominalSpeed.value).toBe(60);
  });

  it('says what is missing once its field was left', () => {
    const { type } = form();
    expect(screen.queryByText('Say what you want to know.')).toBeNull();
    type('What do you want to know', ' ');
    expect(screen.getByText('Say what you want to know.')).toBeTruthy();
  });

  it('begins in miles and feet for whoever reads in them, and keeps metres inside', () => {
    window.localStorage.setItem('frenum.system', 'imperial');
    const { type, told } = form();
    type('What do you want to know', 'Do the pads help?');
    type('Its name', 'Estate');
    expect(told()?.test.nominalSpeed).toEqual({ value: 60, unit: 'MILES_PER_HOUR' });
    expect(told()?.test.marginSize).toBeCloseTo(0.9144, 9);
  });
});
