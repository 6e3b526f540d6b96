import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { configure, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { forms } from '../api/queries';
import type { Forms } from '../api/types';
import FORMS from './forms.json';
import { PreferencesProvider } from '../reader/preferences';
import { UndoProvider } from '../ui/Undo';

// Nothing here is hidden by styles, which jsdom takes long to find out.
configure({ defaultHidden: true });

/** Renders what hangs on preferences, routes and queries; whatever is known beforehand needs no server. */
export function shown(element: ReactNode, known: [readonly unknown[], unknown][] = []) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
  client.setQueryData(forms().queryKey, FORMS as Forms);
  known.forEach(([key, data]) => client.setQueryData(key, data));
  return render(
    <QueryClientProvider client={client}>
      <PreferencesProvider>
        <UndoProvider>
          <MemoryRouter>{element}</MemoryRouter>
        </UndoProvider>
      </PreferencesProvider>
    </QueryClientProvider>,
  );
}
