import type { Role } from '../../api/types';

/** Rows as they come from a logger, in inside units. */
export type LiveRows = {
  recordingId: string;
  t: number[];
  lines: { name: string; role: Role; values: (number | null)[] }[];
  share: LiveShare | null;
};

/** Front share of line pressure, 0 to 1: while somebody brakes, held after the release, and of the last stops. */
export type LiveShare = { braking: boolean; share: number | null; last: number[] };

const KEPT_S = 40;
/** Rows further apart than this have a hole between them. */
const HOLE_S = 1;

/** The last seconds of a log that is being written, per role, and where it stands now. */
export class LiveTraces {
  private recordingId = '';
  private times: number[] = [];
  private values = new Map<Role, (number | null)[]>();
  /** Null where not both lines are logged. */
  share: LiveShare | null = null;
  private arrivedMs = 0;
  /** Log seconds per wall second, as rows come. */
  private rate = 1;

  add(rows: LiveRows, nowMs: number) {
    if (rows.recordingId !== this.recordingId) {
      this.recordingId = rows.recordingId;
      this.times = [];
      this.values = new Map();
      this.rate = 1;
    }
    const before = this.times.at(-1);
    const last = rows.t.at(-1);
    if (last === undefined) return;
    if (before !== undefined) {
      const wall = Math.max(0.02, (nowMs - this.arrivedMs) / 1000);
      this.rate += 0.1 * (Math.min(25, (last - before) / wall) - this.rate);
    }
    this.arrivedMs = nowMs;
    this.share = rows.share;
    this.times.push(...rows.t);
    for (const line of rows.lines) {
      if (line.role !== 'EXTRA') {
        this.values.set(line.role, [...(this.values.get(line.role) ?? []), ...line.values]);
      }
    }
    this.forget(last - KEPT_S);
  }

  private forget(fromS: number) {
    const gone = this.times.findIndex((t) => t >= fromS);
    if (gone < 500) return;
    this.times.splice(0, gone);
    this.values.forEach((v) => v.splice(0, gone));
  }

  /** The moment to draw up to: a little behind the newest row, so that it moves evenly between batches. */
  playhead(nowMs: number): number {
    const last = this.times.at(-1) ?? 0;
    const since = Math.max(0, (nowMs - this.arrivedMs) / 1000);
    return Math.min(last, last + (since - 0.2) * this.rate);
  }

  /** How long nothing has come, s. */
  silentS(nowMs: number): number {
    return this.arrivedMs === 0 ? Infinity : (nowMs - this.arrivedMs) / 1000;
  }

  has(role: Role): boolean {
    return (this.values.get(role) ?? []).some((v) => v !== null);
  }

  latest(role: Role): number | undefined {
    return this.values.get(role)?.findLast((v) => v !== null) ?? undefined;
  }

  /**
   * A line within a stretch, thinned to the lowest and highest value of each step. A hole in the times starts a new
   * piece.
   */
  pieces(role: Role, fromS: number, toS: number, stepS: number): [t: number, low: number, high: number][][] {
    const values = this.values.get(role) ?? [];
    const out: [number, number, number][][] = [];
    let piece: [number, number, number][] = [];
    let before = -Infinity;
    for (let i = this.indexAt(fromS); i < this.times.length; i++) {
      const t = this.times[i] ?? 0;
      const v = values[i];
      if (t > toS) break;
      if (v === null || v === undefined) continue;
      if (t - before > HOLE_S) {
        piece = [];
        out.push(piece);
      }
      before = t;
      const step = Math.floor(t / stepS) * stepS;
      const last = piece.at(-1);
      if (last?.[0] === step) {
        last[1] = Math.min(last[1], v);
        last[2] = Math.max(last[2], v);
      } else {
        piece.push([step, v, v]);
      }
    }
    return out;
  }

  /** The first row at or after a time. */
  private indexAt(t: number): number {
    let low = 0;
    let high = this.times.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.times[middle] ?? 0) < t) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}
