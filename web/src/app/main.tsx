import './theme.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Problem } from '../api/client';
import { UndoProvider } from '../ui/Undo';
import { App } from './App';
import { keepFirstVisit } from './firstKept';
import { PreferencesProvider } from '../reader/preferences';

const queries = new QueryClient({
  defaultOptions: {
    // Frenum is on this very machine, or next to it: whether there is a way to the world says nothing.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      staleTime: 5_000,
      retry: (count, error) => !(error instanceof Problem) && count < 2,
    },
  },
});

const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content;
if (nonce) setNonce(nonce);

// Over plain http there is none, and the page works as long as it is open.
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  keepFirstVisit(queries);
  void navigator.serviceWorker.register('/sw.js');
}

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
