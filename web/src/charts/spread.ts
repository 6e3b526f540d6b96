/**
 * Moves labels apart that would lie on one another: each stays as near to where it belongs as the others let it, between
 * two ends. Answers in the order it was asked.
 */
export function spread(wanted: number[], gap: number, from: number, to: number): number[] {
  const order = wanted.map((y, i) => ({ y, i })).sort((a, b) => a.y - b.y);
  const fits = gap * (order.length - 1) <= to - from;
  const step = fits ? gap : (to - from) / Math.max(1, order.length - 1);
  let last = -Infinity;
  for (const o of order) last = o.y = Math.max(from, o.y, last + step);
  let next = Infinity;
  for (const o of [...order].reverse()) next = o.y = Math.min(to, o.y, next - step);
  const out = wanted.slice();
  for (const o of order) out[o.i] = o.y;
  return out;
}
