import type { Finding } from '../api/types';

/** A finding as the server writes it. */
export const written = (metric: string, imperial = metric): Finding => ({
  code: 'AsWritten.TEXT',
  terms: {},
  text: { metric, imperial },
});
