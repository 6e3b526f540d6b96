import { get, set } from 'idb-keyval';
import type { Outbox, Queued } from './queue';

/** What waited in the store of before, which only held texts. */
function fromBefore(key: string): Queued | undefined {
  const text = window.localStorage.getItem(key);
  return text === null ? undefined : (JSON.parse(text) as Queued);
}

/** In IndexedDB, beside the photos that wait. */
export const outbox: Outbox = {
  get: async (key) => (await get<Queued>(key)) ?? fromBefore(key),
  set: async (key, state) => {
    await set(key, state);
    window.localStorage.removeItem(key);
  },
};
