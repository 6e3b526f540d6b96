import { Problem } from '../../api/client';
import type { RunEvent } from '../../api/types';

/** An event that was not taken, with what Frenum said. */
export type RefusedEvent = { event: RunEvent; why: string };

/** What waits on this device to be sent, and what was refused. */
export type Queued = { pending: readonly RunEvent[]; refused: readonly RefusedEvent[] };

/** Where it waits: the browser's own store, in which photos wait too. */
export type Outbox = {
  get: (key: string) => Promise<Queued | undefined>;
  set: (key: string, state: Queued) => Promise<void>;
};

const EMPTY: Queued = { pending: [], refused: [] };

const SIGN_IN = 401;

/**
 * Events of one run on their way to Frenum: kept in the browser's own store before anything is sent, sent one after
 * another in order, and let go only once they are taken or refused. Sent again after a break, an event changes nothing.
 */
export class EventQueue {
  private state: Queued = EMPTY;
  private listeners = new Set<() => void>();
  private sending = false;
  /** What was kept before has been read, and everything since is kept. */
  private kept: Promise<void>;

  constructor(
    private readonly key: string,
    private readonly outbox: Outbox,
    private readonly post: (event: RunEvent) => Promise<void>,
  ) {
    this.kept = outbox.get(key).then(
      (before) => {
        if (before)
          this.show({ pending: [...before.pending, ...this.state.pending], refused: before.refused });
      },
      // A browser that keeps nothing still sends, as long as its page is open.
      () => undefined,
    );
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = () => this.state;

  add(event: RunEvent): Promise<void> {
    this.set({ ...this.state, pending: [...this.state.pending, event] });
    return this.flush();
  }

  /** Sends what waits, until it is through or nobody answers. */
  async flush(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    try {
      await this.kept;
      for (let next = this.state.pending[0]; next; next = this.state.pending[0]) {
        if (!(await this.sent(next))) return;
      }
    } finally {
      this.sending = false;
    }
  }

  private async sent(event: RunEvent): Promise<boolean> {
    try {
      await this.post(event);
      this.set({ ...this.state, pending: this.state.pending.slice(1) });
      return true;
    } catch (e) {
      // Whoever signs in here again sends what waits.
      if (e instanceof Problem && (e.offline || e.status === SIGN_IN)) return false;
      const why = e instanceof Error ? e.message : String(e);
      // Pressed again and refused again for the same reason is one thing to read.
      const others = this.state.refused.filter((r) => r.event.what.type !== event.what.type || r.why !== why);
      this.set({ pending: this.state.pending.slice(1), refused: [...others, { event, why }] });
      return true;
    }
  }

  /** Somebody has read what was refused. */
  forgetRefused() {
    this.set({ ...this.state, refused: [] });
  }

  private set(state: Queued) {
    this.show(state);
    this.kept = this.kept.then(() => this.outbox.set(this.key, this.state).catch(() => undefined));
  }

  private show(state: Queued) {
    this.state = state;
    this.listeners.forEach((l) => l());
  }
}
