import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { session } from '../../api/queries';
import type { Account, Session } from '../../api/types';
import { PreferencesProvider } from '../../reader/preferences';
import { answering } from '../../test-support/server';
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

function page(person: Account) {
  window.localStorage.setItem('frenum.person', person.name);
  const sent = answering({
    'GET /accounts': () => ({ body: [SECRETARY, DRIVER] }),
    'GET /screens': () => ({ body: SCREENS }),
    'DELETE /screens/': () => ({ body: null }),
    'PUT /accounts/': () => ({ body: DRIVER }),
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
          <PeoplePage />
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
  });
});
