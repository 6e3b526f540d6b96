/** When what is shown was told, while nobody answers: the page's own keeper of answers marks them with it. */
export const KNOWN_AT = 'Frenum-Known-At';

/** Nobody who comes after sees what was told before: kept answers go with whoever they were given to. */
export async function forgetKnown() {
  if (!('caches' in window)) return;
  const names = await caches.keys();
  await Promise.all(names.filter((n) => n.startsWith('frenum-known')).map((n) => caches.delete(n)));
}

let oldest: string | null = null;
const listeners = new Set<() => void>();

/** Of an answer that has just come: its age where it is an old one, null where the server gave it. */
export function answered(knownAt: string | null) {
  const now = knownAt === null ? null : oldest === null || knownAt < oldest ? knownAt : oldest;
  if (now === oldest) return;
  oldest = now;
  listeners.forEach((l) => l());
}

export const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** The oldest of what is shown; null while the server answers. */
export const oldestKnown = () => oldest;
