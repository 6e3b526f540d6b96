import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Configuration, GarageForm, Vehicle } from '../../api/types';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { ConfigurationsView } from './ConfigurationsView';

const FORM = {
  slots: [],
  parts: [],
  switches: [],
  fitting: [{ name: 'BLED', label: 'Bled' }],
} as unknown as GarageForm;
const AS_BOUGHT = {
  id: 'a',
  vehicleId: 'v',
  name: 'As bought',
  changed: [],
  edition: 1,
  spec: { parts: {}, switches: {} },
  fitting: {},
  driven: true,
  version: 3,
} as unknown as Configuration;

function view(all: Configuration[]) {
  const sent = answering({
    'POST /configurations': ({ body }) => ({ body: { ...AS_BOUGHT, ...(body as object), version: 0 } }),
    'PUT /configurations': ({ body }) => ({ body }),
    'GET ': () => ({ body: [] }),
  });
  shown(
    <ConfigurationsView
      vehicle={{ id: 'v', spec: { kind: 'CAR', frontBrake: 'DISC', rearBrake: 'DRUM' } } as Vehicle}
      all={all}
      form={FORM}
      chosen={null}
      set={() => {}}
    />,
  );
  return sent;
}

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

beforeEach(() => window.localStorage.setItem('frenum.person', 'R. Fell'));

describe('a configuration that is being described', () => {
  it('is kept nowhere before it is saved, and can be left', async () => {
    const sent = view([]);
    press('Describe it');
    expect(screen.getByLabelText<HTMLInputElement>('Name of the configuration').value).toBe(
      'Configuration 1',
    );
    press('Leave it undescribed');
    expect(screen.getByText(/usually the vehicle as it stands/)).toBeDefined();
    expect(sent).toEqual([]);
    press('Describe it');
    press('Save the configuration');
    await waitFor(() => expect(sent.map((s) => s.method)).toContain('POST'));
    expect(sent.filter((s) => s.method === 'PUT')).toEqual([]);
  });

  it('never takes the place of another of its name', () => {
    view([AS_BOUGHT]);
    press('Copy it to change it');
    fireEvent.change(screen.getByLabelText('Name of the configuration'), {
      target: { value: ' As bought ' },
    });
    expect(screen.getByRole('alert').textContent).toContain('one of this name already');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save the configuration' }).disabled).toBe(
      true,
    );
  });

  it('keeps the fitting checks that were ticked meanwhile', async () => {
    const sent = view([AS_BOUGHT]);
    press('Describe another');
    fireEvent.click(screen.getByLabelText(/Bled/));
    press('Save the configuration');
    await waitFor(() => expect(sent.map((s) => s.method)).toContain('PUT'));
    expect(sent.find((s) => s.method === 'PUT')?.body).toMatchObject({ fitting: { BLED: 'R. Fell' } });
  });
});
