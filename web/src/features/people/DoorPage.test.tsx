import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { session } from '../../api/queries';
import type { Session } from '../../api/types';
import { answering } from '../../test-support/server';
import { DoorPage } from './DoorPage';

const SHUT: Session = {
  needsOwner: false,
  screen: null,
  screenName: null,
  people: [],
  ready: [],
  shortestPassword: 10,
};
const IN: Session = {
  ...SHUT,
  screen: 's',
  people: [{ id: 'd', name: 'Club driver', role: 'DRIVER', closed: false, withPassword: true }],
};

function door(path: string, now: Session, routes: Parameters<typeof answering>[0] = {}) {
  window.history.replaceState(null, '', path);
  const sent = answering(routes);
  const client = new QueryClient();
  render(
    <QueryClientProvider client={client}>
      <DoorPage now={now} />
    </QueryClientProvider>,
  );
  return { sent, known: () => client.getQueryData(session().queryKey) };
}

describe('the door', () => {
  afterEach(() => window.history.replaceState(null, '', '/'));

  it('says on a run card that it stops nothing, and what does', () => {
    door('/tests/t/run', SHUT);
    expect(screen.getByRole('alert').textContent).toContain('stops nothing');
    expect(screen.getByRole('alert').textContent).toContain('Stop, stop, stop');
  });

  it('lets in by the code that a camera brought, and takes it out of the address', async () => {
    const { sent, known } = door('/join#ABCD-EFGH-JKLM', SHUT, {
      'POST /session/joined': () => ({ body: IN }),
    });
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.change(screen.getByLabelText('What this screen is called'), { target: { value: 'Phone' } });
    fireEvent.click(screen.getByRole('button', { name: 'Join' }));
    await vi.waitFor(() => expect(known()).toEqual(IN));
    expect(sent[0]?.body).toEqual({ code: 'ABCD-EFGH-JKLM', screenName: 'Phone' });
    expect(window.location.hash).toBe('');
  });

  it('refuses in words, and asks for no more than it needs', async () => {
    door('/', SHUT, {
      'POST /session/people': () => ({
        status: 401,
        body: { title: 'Sign in', detail: 'Name and password do not belong together.' },
      }),
    });
    const enter = screen.getByRole<HTMLButtonElement>('button', { name: 'Sign in' });
    expect(enter.disabled).toBe(true);
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Club driver' } });
    fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'not that one' } });
    fireEvent.click(enter);
    expect(await screen.findByText('Name and password do not belong together.')).toBeDefined();
  });
});
