import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { Suspense } from 'react';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { TypePage } from './TypePage';

const units = (...all: [string, string][]) =>
  all.map(([unit, symbol]) => ({ unit, symbol, allowed: `1 to 9 ${symbol}` }));
const FORM = {
  columns: [
    { column: 'CONFIGURATION', title: 'configuration', units: [], choices: [] },
    {
      column: 'ENTRY_SPEED',
      title: 'entry speed',
      units: units(['KILOMETRES_PER_HOUR', 'km/h']),
      choices: [],
    },
    { column: 'DISTANCE', title: 'distance', units: units(['METRES', 'm'], ['FEET', 'ft']), choices: [] },
    { column: 'NOTE', title: 'note', units: [], choices: [] },
  ],
};
const text = (words: string) => ({ code: 'x', terms: {}, text: { metric: words, imperial: words } });

function page(pasted?: object) {
  const sent = answering({
    'GET /sheet/form': () => ({ body: FORM }),
    'GET /vehicles': () => ({ body: [{ id: 'v', name: 'Tarn 2.0' }] }),
    'POST /sheet/pasted': () => ({ body: pasted }),
    'POST /sheet/reading': ({ body }) => {
      const rows = (body as { table: { rows: { cells: string[] }[] } }).table.rows;
      return {
        body: {
          rows: rows.map((r) => ({
            configuration: r.cells.some(Boolean) ? 'A' : null,
            faults: r.cells[2] === '4O' ? [{ column: 'DISTANCE', problem: '“4O” is not a number.' }] : [],
            doubts:
              r.cells[2] === '144'
                ? [{ column: 'DISTANCE', finding: text('144 m is 3 times the others') }]
                : [],
          })),
          stops: rows.filter((r) => r.cells[2]).length,
          comparison: null,
        },
      };
    },
    'POST /sheet': () => ({ body: { testId: 'made' } }),
  });
  shown(
    <Suspense>
      <TypePage />
    </Suspense>,
  );
  return sent;
}

const cell = (name: string) => screen.findByLabelText<HTMLInputElement>(name);
const type = async (name: string, value: string) => fireEvent.change(await cell(name), { target: { value } });

beforeEach(() => {
  window.localStorage.clear();
  window.localStorage.setItem('frenum.person', 'R. Fell');
});

describe('stops that are typed', () => {
  it('are moved through by arrows and Enter, filled from above, and taken back', async () => {
    page();
    await type('Distance, row 1', '44.1');
    const first = await cell('Distance, row 1');
    first.focus();
    fireEvent.keyDown(first, { key: 'Enter' });
    expect(document.activeElement).toBe(await cell('Distance, row 2'));
    fireEvent.keyDown(document.activeElement as Element, { key: 'd', ctrlKey: true });
    expect((await cell('Distance, row 2')).value).toBe('44.1');
    fireEvent.keyDown(document.activeElement as Element, { key: 'z', ctrlKey: true });
    expect((await cell('Distance, row 2')).value).toBe('');
    fireEvent.keyDown(document.activeElement as Element, { key: 'z', ctrlKey: true, shiftKey: true });
    expect((await cell('Distance, row 2')).value).toBe('44.1');
    fireEvent.keyDown(document.activeElement as Element, { key: 'ArrowUp' });
    fireEvent.keyDown(document.activeElement as Element, { key: 'ArrowLeft' });
    expect(document.activeElement).toBe(await cell('Speed, row 1'));
  });

  it('say of each cell what is wrong with it, and what is doubted, before they are kept', async () => {
    page();
    await type('Distance, row 1', '4O');
    await type('Distance, row 2', '144');
    // Nothing moves under a finger that is still typing.
    expect(screen.queryByText('144 m is 3 times the others')).toBeNull();
    (await cell('Distance, row 3')).focus();
    expect(await screen.findByText('“4O” is not a number.')).toBeDefined();
    expect((await cell('Distance, row 1')).getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByText('144 m is 3 times the others')).toBeDefined();
    expect((await cell('Distance, row 2')).getAttribute('aria-invalid')).toBeNull();
  });

  it('are kept once it is said for what, with the car that is known by its name', async () => {
    const sent = page();
    await type('Distance, row 1', '44.1');
    expect(screen.getByText(/Still to say: what you want to know, the vehicle, the speed/)).toBeDefined();
    await type('What do you want to know', 'Better?');
    await type('Vehicle', 'tarn 2.0');
    await type('Speed', '100');
    const keep = await screen.findByRole<HTMLButtonElement>('button', { name: 'Keep this stop' });
    await waitFor(() => expect(keep.disabled).toBe(false));
    fireEvent.click(keep);
    await waitFor(() => expect(sent.some((s) => s.path === '/sheet')).toBe(true));
    expect(sent.find((s) => s.path === '/sheet')?.body).toMatchObject({
      newVehicle: null,
      newTest: { vehicleId: 'v', question: 'Better?', nominalSpeed: { value: 100 } },
    });
  });

  it('survive a closed browser', async () => {
    page();
    await type('Distance, row 1', '44.1');
    await waitFor(() => expect(window.localStorage.getItem('frenum.sheet.new')).toContain('44.1'));
  });

  it('are asked about once where a clipboard does not say which column is which', async () => {
    page({
      columns: [
        { title: 'what', meaning: null, unit: null, sure: false },
        { title: 'tape', meaning: 'DISTANCE', unit: null, sure: false },
      ],
      rows: [['old', '145']],
      leftOut: [{ row: 3, text: 'Mean 145', why: 'it begins with “mean”' }],
      sure: false,
    });
    const paste = async () =>
      fireEvent.paste(await cell('Distance, row 1'), {
        clipboardData: { getData: () => 'what\ttape\nold\t145\nMean\t145' },
      });
    await paste();
    const asked = await screen.findByRole('dialog');
    fireEvent.change(within(asked).getByLabelText('What what is'), { target: { value: 'CONFIGURATION' } });
    fireEvent.change(within(asked).getByLabelText('Unit of distance'), { target: { value: 'FEET' } });
    fireEvent.click(within(asked).getByRole('button', { name: 'Take them in' }));
    expect((await cell('Configuration, row 1')).value).toBe('old');
    expect(screen.getByLabelText<HTMLSelectElement>('Unit of distance').value).toBe('FEET');
    expect(screen.getByText(/Row 3, “Mean 145”, was left out/)).toBeDefined();
    await paste();
    expect(await screen.findByText(/as you said last time for this header/)).toBeDefined();
  });
});
