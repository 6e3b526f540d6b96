import { describe, expect, it } from 'vitest';
import { LiveTraces, type LiveRows } from './traces';

const rows = (from: number, n: number, recordingId = 'a'): LiveRows => ({
  share: null,
  recordingId,
  t: Array.from({ length: n }, (_, i) => from + i / 10),
  lines: [{ name: 'speed', role: 'SPEED', values: Array.from({ length: n }, (_, i) => i) }],
});

describe('live traces', () => {
  it('know what came last, and draw a little behind it', () => {
    const traces = new LiveTraces();
    traces.add(rows(0, 10), 1000);
    expect(traces.latest('SPEED')).toBe(9);
    expect(traces.playhead(1000)).toBeCloseTo(0.7);
    expect(traces.playhead(9000)).toBeCloseTo(0.9);
    expect(traces.silentS(3000)).toBeCloseTo(2);
  });

  it('do not draw across a hole', () => {
    const traces = new LiveTraces();
    traces.add(rows(0, 10), 1000);
    traces.add(rows(20, 10), 2000);
    expect(traces.pieces('SPEED', 0, 30, 0.01).map((l) => l.length)).toEqual([10, 10]);
  });

  it('keep the lowest and highest of what falls on one pixel', () => {
    const traces = new LiveTraces();
    traces.add(rows(0, 10), 1000);
    expect(traces.pieces('SPEED', 0, 1, 0.5)).toEqual([
      [
        [0, 0, 4],
        [0.5, 5, 9],
      ],
    ]);
  });

  it('forget what has scrolled out, and start over with another log', () => {
    const traces = new LiveTraces();
    for (let i = 0; i < 200; i++) traces.add(rows(i, 10), 1000 + 1000 * i);
    expect(traces.pieces('SPEED', 0, 100, 0.1)).toEqual([]);
    expect(traces.pieces('SPEED', 170, 200, 0.01).flat().length).toBeGreaterThan(250);
    traces.add(rows(0, 5, 'b'), 300_000);
    expect(traces.pieces('SPEED', 0, 300, 0.01).flat().length).toBe(5);
  });
});
