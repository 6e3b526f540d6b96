import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { marks, tradeOffs } from '../../api/queries';
import type { Pair, Side } from '../../api/types';
import { answering } from '../../test-support/server';
import { shown } from '../../test-support/shown';
import { Marks } from './Marks';
import { TakenOut } from './TakenOut';
import { TradeOffs } from './TradeOffs';

const words = (metric: string) => ({ code: 'X', terms: {}, text: { metric, imperial: metric } });
const MARK = {
  id: 'm',
  metres: 36,
  mark: {
    label: 'Limit',
    source: 'rules',
    distance: { entered: 36, unit: 'METRES' },
    speed: { entered: 90, unit: 'KILOMETRES_PER_HOUR' },
  },
  told: words('Limit: 36.0 m from 90 km/h (rules).'),
};
const SIDES = [
  { configurationId: 'a', configuration: 'As bought' },
  { configurationId: 'b', configuration: 'Other pads' },
] as unknown as Side[];
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('what stands beside the figures', () => {
  it('takes a distance that others gave with its source, and takes it back on undo', async () => {
    const sent = answering({
      'PUT /tests/t/marks': ({ body }) => ({ body }),
      'DELETE /marks/m': () => ({ body: ['m'] }),
      'GET /tests/t/marks': () => ({ body: [MARK] }),
    });
    shown(<Marks testId="t" speed={25} />, [[marks('t', 25).queryKey, [MARK]]]);
    const put = screen.getByRole<HTMLButtonElement>('button', { name: 'Put it on the lane' });
    type('What it is', 'Last year');
    type('Distance', '41,5');
    type('From', '90');
    expect(put.disabled, 'nothing without a source').toBe(true);
    type('Where it comes from', 'our own tape');
    fireEvent.click(put);
    await waitFor(() => expect(sent.some((s) => s.method === 'PUT')).toBe(true));
    expect(sent.find((s) => s.method === 'PUT')?.body).toEqual({
      label: 'Last year',
      source: 'our own tape',
      distance: { entered: 41.5, unit: 'METRES' },
      speed: { entered: 90, unit: 'KILOMETRES_PER_HOUR' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Take out Limit' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sent.filter((s) => s.path === '/tests/t/marks/m')).toHaveLength(1));
    expect(sent.at(-1)?.path).not.toBe('/marks/m');
  });

  it('notes what speaks for or against one configuration, with its side', async () => {
    const sent = answering({
      'PUT /tests/t/trade-offs': ({ body }) => ({ body }),
      'GET /tests/t/trade-offs': () => ({ body: [] }),
    });
    shown(<TradeOffs testId="t" sides={SIDES} letter={(id) => (id === 'a' ? 'A' : 'B')} />, [
      [
        tradeOffs('t').queryKey,
        [
          {
            id: 'n',
            configurationId: 'b',
            tradeOff: { about: 'COLD_BITE', speaks: 'AGAINST', note: 'none before the second stop' },
          },
        ],
      ],
    ]);
    expect(screen.getByRole('listitem').textContent).toContain(
      'Cold bite speaks against it: none before the second stop',
    );
    type('About', 'DUST');
    type('It speaks', 'FOR');
    type('In a few words', 'wheels stay clean');
    fireEvent.click(screen.getByRole('button', { name: 'Note it' }));
    await waitFor(() =>
      expect(sent.find((s) => s.method === 'PUT')?.body).toEqual({
        configurationId: 'b',
        tradeOff: { about: 'DUST', speaks: 'FOR', note: 'wheels stay clean' },
      }),
    );
  });

  it('shows the plain difference first, and says why something cannot be taken out', () => {
    const pair = {
      level: 0.95,
      difference: { value: -1.234 },
      interval: { low: -2, high: -0.4 },
      adjusted: [
        {
          taken: 'DRIFT',
          difference: { value: -0.9 },
          interval: { low: -1.6, high: -0.2 },
          said: words('0.1 m'),
        },
        { taken: 'AMBIENT', difference: { reason: 'x' }, interval: null, said: words('Never alike.') },
      ],
    } as unknown as Pair;
    shown(<TakenOut pair={pair} time={false} />);
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    expect(rows.map((r) => r.textContent)).toEqual([
      'candidate less baselinem95 % rangewhat it did',
      'plain, as it is told above−1.23−2.00 to −0.40',
      'a drift of the day taken out−0.90−1.60 to −0.200.1 m',
      'temperature of the air taken out––Never alike.',
    ]);
  });
});
