import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { HeatSide } from '../../api/types';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { unitsOf } from '../../units/units';
import { ReadingForm } from './ReadingForm';

const side = {
  stops: [
    { id: 'stop-1', number: 1, block: 1 },
    { id: 'stop-2', number: 2, block: 1 },
  ],
} as unknown as HeatSide;

const FORM = {
  sources: [
    { name: 'PROBE', label: 'contact probe' },
    { name: 'BLACKENED', label: 'thermometer on a blackened patch' },
    { name: 'BARE', label: 'thermometer on bare metal' },
    { name: 'LADDER', label: 'paint or crayon ladder' },
  ],
  methods: [],
};

const paint = (id: string, ...marks: number[]) => ({
  id,
  ladder: {
    name: `Paint ${id}`,
    thresholds: marks.map((entered) => ({ entered, unit: 'CELSIUS', inside: entered })),
  },
});

function form() {
  const onDone = vi.fn();
  shown(<ReadingForm testId="t" side={side} units={unitsOf('metric')} onDone={onDone} />);
  return onDone;
}

const fill = async (label: string, value: string) =>
  fireEvent.change(await screen.findByLabelText(label), { target: { value } });
const keep = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Keep this reading' });

beforeEach(() => window.localStorage.setItem('frenum.person', 'Marshal'));

describe('a reading of a disc', () => {
  it('is of the last stop unless another is chosen, and asks for what it needs', async () => {
    const sent = answering({
      'GET /discs/form': () => ({ body: FORM }),
      'PUT /stops/': ({ body }) => ({ body }),
    });
    const onDone = form();
    await fill('Temperature', '276,5');
    await fill('After rest', '45');
    await fill('Face', 'INNER');
    fireEvent.click(keep());
    await waitFor(() => expect(onDone).toHaveBeenCalled());
    const put = sent.find((s) => s.method === 'PUT');
    expect(put?.path).toMatch(/^\/stops\/stop-2\/disc-readings\/[0-9a-f-]{36}$/);
    expect(put?.who).toBe('Marshal');
    expect(put?.body).toEqual({
      wheel: 'FRONT_LEFT',
      source: 'BLACKENED',
      face: 'INNER',
      value: { entered: 276.5, unit: 'CELSIUS' },
      late: { entered: 45, unit: 'SECONDS' },
      ladderId: null,
      changed: null,
      painted: false,
    });
  });

  it('whose answer was lost is sent again under the same name', async () => {
    let tries = 0;
    const sent = answering({
      'GET /discs/form': () => ({ body: FORM }),
      'PUT /stops/': ({ body }) => (++tries === 1 ? new Error('the line is down') : { body }),
    });
    const onDone = form();
    await fill('Temperature', '300');
    fireEvent.click(keep());
    await screen.findByText(/Frenum does not answer/);
    expect(onDone).not.toHaveBeenCalled();
    fireEvent.click(keep());
    await waitFor(() => expect(onDone).toHaveBeenCalled());
    const paths = sent.filter((s) => s.method === 'PUT').map((s) => s.path);
    expect(paths).toHaveLength(2);
    expect(paths[0]).toBe(paths[1]);
  });

  it('that cannot be is pointed at where it stands', async () => {
    answering({
      'GET /discs/form': () => ({ body: FORM }),
      'PUT /stops/': () => ({
        status: 422,
        body: { title: 'Not kept', detail: 'One entry is wrong.', fields: { value: '4000 °C read.' } },
      }),
    });
    form();
    await fill('Temperature', '4000');
    fireEvent.click(keep());
    await screen.findByText('4000 °C read.');
    expect(screen.queryByText('One entry is wrong.'), 'it is said once').toBeNull();
  });

  it('by a ladder says how far up it changed', async () => {
    const sent = answering({
      'GET /discs/form': () => ({ body: FORM }),
      'GET /ladders': () => ({ body: [paint('a', 260, 430), paint('b', 550)] }),
      'PUT /stops/': ({ body }) => ({ body }),
    });
    const onDone = form();
    await fill('Read by', 'LADDER');
    await fill('Ladder', 'a');
    expect(keep().disabled, 'it is not said how far it changed').toBe(true);
    await fill('Highest that changed', '2');
    fireEvent.click(screen.getByLabelText(/Painted anew/));
    fireEvent.click(keep());
    await waitFor(() => expect(onDone).toHaveBeenCalled());
    expect(sent.find((s) => s.method === 'PUT')?.body).toMatchObject({
      source: 'LADDER',
      value: null,
      late: null,
      ladderId: 'a',
      changed: 2,
      painted: true,
    });
  });

  it('by a ladder that is not known yet makes it first, rising or not at all', async () => {
    const sent = answering({
      'GET /discs/form': () => ({ body: FORM }),
      'GET /ladders': () => ({ body: [] }),
      'PUT /ladders': ({ body }) => ({ body }),
    });
    form();
    await fill('Read by', 'LADDER');
    await fill('Name', 'Crayons');
    const add = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Add this ladder' });
    await fill('Temperatures, °C', '260 hot');
    expect(screen.getByText('Only numbers, with spaces between.')).toBeDefined();
    expect(add().disabled).toBe(true);
    await fill('Temperatures, °C', '260 430,5');
    fireEvent.click(add());
    await waitFor(() => expect(sent.filter((s) => s.method === 'PUT')).toHaveLength(1));
    expect(sent.find((s) => s.method === 'PUT')?.body).toMatchObject({
      ladder: {
        name: 'Crayons',
        thresholds: [
          { entered: 260, unit: 'CELSIUS' },
          { entered: 430.5, unit: 'CELSIUS' },
        ],
      },
    });
  });
});
