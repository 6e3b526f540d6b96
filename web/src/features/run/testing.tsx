import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { configure, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import type { RunView } from '../../api/types';
import { PreferencesProvider } from '../../app/preferences';

// Nothing here is hidden by styles, which jsdom takes long to find out.
configure({ defaultHidden: true });

/** A run that waits for its first stop, its gates open; for tests. */
export function runView(part: Partial<RunView> = {}): RunView {
  const view = {
    testId: 'a-test',
    stage: 'WAITING',
    step: 0,
    counted: 0,
    rate: 1,
    snub: false,
    phaseWords: '',
    fromMps: 25,
    nowS: 1000,
    gateOpen: true,
    gate: {
      discs: 'MET',
      interval: 'NOT_ASKED',
      lane: 'MET',
      soonestAtS: null,
      latestAtS: null,
      laneUntilS: 1100,
      window: { coldestC: 50, hottestC: 110 },
    },
    steps: [{ kind: 'BRAKING', configuration: 0, repeats: 3, phase: { name: 'stops', kind: 'STOP' } }],
    sides: [
      { name: 'As bought', switches: [{ name: 'COOLING_SPRAY', label: 'cooling spray', on: true }] },
      { name: 'Other pads', switches: [] },
    ],
    stops: [],
    cracks: [],
    discs: [],
    devices: [],
    halt: null,
    approach: null,
    review: null,
    ...part,
  };
  return view as unknown as RunView;
}

/** Renders what hangs on preferences, routes and queries; whatever is known beforehand needs no server. */
export function shown(element: ReactNode, known: [readonly unknown[], unknown][] = []) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
  known.forEach(([key, data]) => client.setQueryData(key, data));
  return render(
    <QueryClientProvider client={client}>
      <PreferencesProvider>
        <MemoryRouter>{element}</MemoryRouter>
      </PreferencesProvider>
    </QueryClientProvider>,
  );
}
