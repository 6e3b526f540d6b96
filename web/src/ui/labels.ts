import type { Configuration } from '../api/types';

/** A configuration's name, with its edition where there was one before. */
export const labelOf = (c: Configuration) => (c.edition > 1 ? `${c.name}, edition ${c.edition}` : c.name);

/** One word of the server's as people write it. */
export const word = (code: string) => {
  const text = code.replaceAll('_', ' ').toLowerCase();
  return text.charAt(0).toUpperCase() + text.slice(1);
};
