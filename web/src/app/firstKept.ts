import type { QueryClient } from '@tanstack/react-query';

/**
 * On the first visit the page is there before what keeps it for when Frenum does not answer. What it is made of and what it
 * was told are asked for once more then, so that the first visit is enough.
 */
export function keepFirstVisit(client: QueryClient) {
  const { serviceWorker } = navigator;
  if (serviceWorker.controller) return;
  serviceWorker.addEventListener(
    'controllerchange',
    () => {
      void client.invalidateQueries({ refetchType: 'active' });
      performance
        .getEntriesByType('resource')
        .filter((r) => new URL(r.name).pathname.startsWith('/assets/'))
        .forEach((r) => void fetch(r.name));
    },
    { once: true },
  );
}
