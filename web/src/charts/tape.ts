export type Tick = { at: number; length: 'short' | 'middle' | 'long' };

/** The largest of 1, 2 or 5 times a power of ten that gives at most `most` steps over a span. */
export function step(span: number, most: number): number {
  const raw = span / most;
  const power = 10 ** Math.floor(Math.log10(raw));
  const factor = [1, 2, 5, 10].find((f) => f * power >= raw * 0.999999) ?? 10;
  return factor * power;
}

/** Graduation of an edge between two values: long ticks carry figures, short ones are fifths or tenths of them. */
export function ticks(from: number, to: number, mostLong: number): Tick[] {
  const long = step(to - from, mostLong);
  const parts = long / 10 ** Math.round(Math.log10(long)) === 2 ? 4 : 10;
  const small = long / parts;
  const out: Tick[] = [];
  for (let i = Math.ceil(from / small - 1e-9); i * small <= to + small * 1e-6; i++) {
    const middle = parts === 10 ? 5 : 2;
    out.push({
      at: i === 0 ? 0 : i * small,
      length: i % parts === 0 ? 'long' : i % middle === 0 ? 'middle' : 'short',
    });
  }
  return out;
}
