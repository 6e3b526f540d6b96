import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../api/client';
import type { ImportPreview, MeasuredStop } from '../../api/types';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { written } from '../../test-support/written';
import { ImportPage } from './ImportPage';

const upload = vi.hoisted(() => vi.fn<(path: string, file: File) => Promise<unknown>>());
vi.mock('../../api/client', async (original) => ({ ...(await original<object>()), upload }));

const stop = (onsetS: number, flags: string[] = []) =>
  ({
    onsetS,
    endS: onsetS + 4,
    kind: 'STOP',
    entrySpeed: { value: 25 },
    distance: { value: 47.3 },
    mfdd: { value: 7.1 },
    flags: flags.map((words) => ({ finding: written(words) })),
  }) as unknown as MeasuredStop;

const LOG = {
  id: 'i',
  foundMps: { value: 27.4 },
  file: { name: 'tarn.csv', bytes: 1_200_000 },
  alreadyIn: null,
  sheet: null,
  log: {
    rows: 1000,
    rateHz: 50,
    durationS: 60,
    columns: [],
    health: [],
    speed: [
      [0, 0],
      [60, 25],
    ],
    stops: [stop(10), stop(30, ['the entry speed is 5 % low'])],
  },
} as unknown as ImportPreview;

const SHEET = {
  id: 's',
  foundMps: { value: 27.4 },
  file: { name: 'tape.csv', bytes: 900 },
  alreadyIn: { testId: 'old' },
  log: null,
  sheet: {
    leftOut: ['mood'],
    stops: [
      { configuration: 'As bought', struckOut: false, distance: { inside: 47.1 } },
      { configuration: 'As bought', struckOut: true, distance: { inside: 48.2 } },
      { configuration: 'Hoses', struckOut: false, distance: null },
    ],
  },
} as unknown as ImportPreview;

function page(preview: unknown) {
  upload.mockReset();
  if (preview instanceof Error) upload.mockRejectedValue(preview);
  else upload.mockResolvedValue(preview);
  const sent = answering({
    'GET /tests': () => ({ body: [] }),
    'GET /vehicles': () => ({ body: [] }),
    'GET /imports/': () => ({ body: preview }),
    'GET /devices': () => ({ body: [] }),
    'GET /weather': () => ({ body: { lastAt: null } }),
    'POST /imports/': () => ({ body: { testId: 'made' } }),
  });
  shown(<ImportPage />);
  return sent;
}

async function bring() {
  const file = new File(['time,speed'], 'tarn.csv', { type: 'text/csv' });
  await act(async () => {
    fireEvent.change(screen.getByLabelText(/Choose files/), { target: { files: [file] } });
    await Promise.resolve();
  });
}

const type = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const save = () => screen.getByRole<HTMLButtonElement>('button', { name: /^Save \d/ });

beforeEach(() => window.localStorage.setItem('frenum.person', 'Marshal'));

describe('a file that comes in', () => {
  it('is saved with what it was said to be, and only once it was said', async () => {
    const sent = page(LOG);
    await bring();
    expect(await screen.findByText('tarn.csv')).toBeDefined();
    expect(screen.getByText(/Before that: describe the new test, name the configuration/)).toBeDefined();
    type('What do you want to know', 'Do new pads stop it shorter?');
    type('Its name', 'Tarn 2.0');
    type('Configuration', 'As bought');
    type('What changed in it', 'pads, fluid,');
    type('Configuration of stop 2', 'Other pads');
    await waitFor(() => expect(save().disabled).toBe(false));
    expect(save().textContent).toBe('Save 2 stops');
    fireEvent.click(save());
    await waitFor(() => expect(sent.some((s) => s.method === 'POST')).toBe(true));
    const request = sent.find((s) => s.method === 'POST');
    expect(request?.path).toBe('/imports/i/save');
    expect(request?.body).toMatchObject({
      newVehicle: { name: 'Tarn 2.0' },
      newTest: {
        question: 'Do new pads stop it shorter?',
        nominalSpeed: { value: 100 },
        basis: 'ONSET_TO_REST',
      },
      placements: [
        { stop: 1, configuration: 'As bought', changed: ['pads', 'fluid'], block: 1 },
        { stop: 2, configuration: 'Other pads', block: 1 },
      ],
    });
  });

  it('shows what is wrong with a stop, and lets it be left out', async () => {
    page(LOG);
    await bring();
    await screen.findByText('the entry speed is 5 % low');
    fireEvent.click(screen.getByLabelText('Keep stop 2'));
    expect(save().textContent).toBe('Save 1 stop');
    fireEvent.click(screen.getByLabelText('Keep stop 1'));
    expect(screen.getByText(/choose at least one stop/)).toBeDefined();
  });

  it('that cannot be read is told with its place, and nothing is offered to save', async () => {
    page(new Problem('The file cannot be read', 'line 7, column 3: “abc” is not a number.'));
    await bring();
    expect(await screen.findByText(/line 7, column 3: “abc” is not a number/)).toBeDefined();
    expect(screen.queryByRole('button', { name: /^Save/ })).toBeNull();
  });

  it('as a sheet says whose rows it has, what was not read, and that it is in already', async () => {
    page(SHEET);
    await bring();
    expect(await screen.findByText(/Columns not known here were not read: mood/)).toBeDefined();
    expect(screen.getByText('47.1 to 48.2')).toBeDefined();
    expect(screen.getByText('Open the stops that came from them').getAttribute('href')).toBe(
      '/tests/old/stops',
    );
    expect(save().textContent).toBe('Save 3 stops');
  });

  it('several at once are one pass: named by their files, and one that fails stops no other', async () => {
    const sent = page(LOG);
    upload.mockReset();
    upload
      .mockResolvedValueOnce(LOG)
      .mockRejectedValueOnce(new Problem('The file cannot be read', 'line 2: no number'))
      .mockResolvedValueOnce(LOG);
    const files = ['tarn-old-pads-1.csv', 'tarn-broken-1.csv', 'tarn-new-pads-1.csv'].map(
      (name) => new File(['x'], name, { type: 'text/csv' }),
    );
    fireEvent.change(screen.getByLabelText(/Choose files/), { target: { files } });
    expect(await screen.findByText('line 2: no number')).toBeDefined();
    expect(await screen.findAllByText('read')).toHaveLength(2);
    expect(screen.getByLabelText<HTMLInputElement>('Configuration of tarn-new-pads-1.csv').value).toBe(
      'new pads',
    );
    type('What do you want to know', 'Do new pads stop it shorter?');
    type('Its name', 'Tarn 2.0');
    const keep = screen.getByRole<HTMLButtonElement>('button', { name: /^Keep 2 files, 4 stops/ });
    await waitFor(() => expect(keep.disabled).toBe(false));
    fireEvent.click(keep);
    await waitFor(() => expect(sent.filter((s) => s.method === 'POST')).toHaveLength(2));
    const placed = sent
      .filter((s) => s.method === 'POST')
      .map((s) => (s.body as { placements: { configuration: string; block: number }[] }).placements[0]);
    expect(placed).toMatchObject([
      { configuration: 'old pads', block: 1 },
      { configuration: 'new pads', block: 1 },
    ]);
    const tests = sent
      .filter((s) => s.method === 'POST')
      .map((s) => (s.body as { newTest: { id: string } }).newTest.id);
    expect(tests[0]).toBe(tests[1]);
  });
});
