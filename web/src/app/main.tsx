import './theme.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Problem } from '../api/client';
import { UndoProvider } from '../ui/Undo';
import { App } from './App';
import { PreferencesProvider } from '../reader/preferences';

const queries = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 5_000, retry: (count, error) => !(error instanceof Problem) && count < 2 },
  },
});

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <PreferencesProvider>
        <UndoProvider>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </UndoProvider>
      </PreferencesProvider>
    </QueryClientProvider>
  </StrictMode>,
);
