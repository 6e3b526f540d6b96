import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { session } from '../../api/queries';
import type { Account, Retention, Session } from '../../api/types';
import { PreferencesProvider } from '../../reader/preferences';
import { answering } from '../../test-support/server';
import { UndoProvider } from '../../ui/Undo';
import { PeoplePage } from './PeoplePage';

const account = (id: string, name: string, role: Account['role']): Account => ({
  id,
  name,
  role,
  closed: false,
  withPassword: true,
});
const SECRETARY = account('s', 'Club secretary', 'OWNER');
const DRIVER = account('d', 'Club driver', 'DRIVER');
const SCREENS = [
  { id: 'l', name: 'A computer', people: ['Club secretary'], lastSeenAt: '2026-06-20T09:00:00Z', own: true },
  { id: 'p', name: 'A phone', people: ['Club driver'], lastSeenAt: '2026-06-20T09:00:00Z', own: false },
];

const RETENTION: Retention = {
  months: null,
  marked: { recordings: 1, durationS: 1800 },
  notBefore: '2026-06-21T09:00:00Z',
  by: 'Club secretary',
  bytes: 3_400_000,
  kept: { recordings: 3, durationS: 5400 },
  letGo: 1,
  choices: [{ months: 12, goes: { recordings: 1, durationS: 1800 } }],
};

function page(person: Account) {
  window.localStorage.setItem('frenum.person', person.name);
  const sent = answering({
    'GET /accounts': () => ({ body: [SECRETARY, DRIVER] }),
    'GET /screens': () => ({ body: SCREENS }),
    'DELETE /screens/': () => ({ body: null }),
    'PUT /accounts/': () => ({ body: DRIVER }),
    'GET /retention': () => ({ body: RETENTION }),
    'GET /passkeys': () => ({ body: [] }),
    'GET /session/trust': () => ({ body: { fingerprint: null, addresses: [], named: null } }),
    'PUT /retention': ({ body }) => ({ body: { ...RETENTION, ...(body as object) } }),
  });
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  const now: Session = {
    needsOwner: false,
    screen: 'l',
    screenName: 'A computer',
    people: [person],
    ready: [],
    shortestPassword: 10,
  };
  client.setQueryData(session().queryKey, now);
  render(
    <QueryClientProvider client={client}>
      <PreferencesProvider>
        <MemoryRouter>
          <UndoProvider>
            <PeoplePage />
          </UndoProvider>
        </MemoryRouter>
      </PreferencesProvider>
    </QueryClientProvider>,
  );
  return sent;
}

describe('people and screens', () => {
  beforeEach(() => window.localStorage.clear());

  it('an owner cuts off any phone but never the screen in hand, and says who may do what', async () => {
    const sent = page(SECRETARY);
    expect(await screen.findByText('Club driver (driver or marshal)')).toBeDefined();
    expect(screen.queryByRole('button', { name: 'Cut off A computer' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Cut off A phone' }));
    await vi.waitFor(() =>
      expect(sent.some((s) => s.method === 'DELETE' && s.path === '/screens/p')).toBe(true),
    );
    fireEvent.change(screen.getByLabelText('What Club driver may do'), { target: { value: 'ENGINEER' } });
    await vi.waitFor(() =>
      expect(sent.find((s) => s.path === '/accounts/d/standing')?.body).toEqual({
        role: 'ENGINEER',
        closed: false,
      }),
    );
  });

  it('whoever governs nothing lets in and cuts off their own alone', async () => {
    page(DRIVER);
    expect(await screen.findByText('driver or marshal: records, judges nothing')).toBeDefined();
    expect(await screen.findByRole('button', { name: 'Cut off A phone' })).toBeDefined();
    expect(screen.queryByLabelText('What Club driver may do')).toBeNull();
    expect(screen.queryByLabelText('Name of somebody new')).toBeNull();
    expect(screen.getByLabelText<HTMLSelectElement>('As whom').options).toHaveLength(1);
    expect(await screen.findByText('Kept for good, as Club secretary chose.')).toBeDefined();
    expect(screen.queryByLabelText('Kept')).toBeNull();
  });

  it('an owner sets anybody’s password, and whoever holds the screen their own with the one before', async () => {
    const sent = page(SECRETARY);
    fireEvent.click(await screen.findByRole('button', { name: 'Set a password for Club driver' }));
    expect(screen.queryByLabelText('The one that you have')).toBeNull();
    fireEvent.change(screen.getByLabelText('The new one'), { target: { value: 'seven dry marks' } });
    fireEvent.click(screen.getByRole('button', { name: 'Change it' }));
    await vi.waitFor(() =>
      expect(sent.find((s) => s.path === '/accounts/d/password')?.body).toEqual({
        current: null,
        password: 'seven dry marks',
      }),
    );
    fireEvent.click(await screen.findByRole('button', { name: 'Another password' }));
    const go = screen.getByRole<HTMLButtonElement>('button', { name: 'Change it' });
    fireEvent.change(screen.getByLabelText('The new one'), { target: { value: 'four wet cones' } });
    expect(go.disabled).toBe(true);
    fireEvent.change(screen.getByLabelText('The one that you have'), { target: { value: 'mine' } });
    expect(go.disabled).toBe(false);
  });

  it('an owner chooses how long samples stay, is told what goes and from when, and takes it back', async () => {
    const sent = page(SECRETARY);
    const kept = await screen.findByLabelText('Kept');
    expect(screen.getByText(/3 recordings \(1.5 h\) with samples, 3.4 MB on the disk/)).toBeDefined();
    expect(screen.getByText('12 months; today 1 recording (0.5 h) would go')).toBeDefined();
    fireEvent.change(kept, { target: { value: '12' } });
    expect(
      await screen.findByText(/1 recording \(0.5 h\) marked to go; the first on 21 Jun 2026/),
    ).toBeDefined();
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await vi.waitFor(() =>
      expect(sent.filter((s) => s.path === '/retention' && s.method === 'PUT').map((s) => s.body)).toEqual([
        { months: 12 },
        { months: null },
      ]),
    );
  });
});
