import { Problem } from '../../api/client';
import type { RunEvent } from '../../api/types';

/** An event that was not taken, with what Frenum said. */
export type RefusedEvent = { event: RunEvent; why: string };

/** What waits on this device to be sent, and what was refused. */
export type Queued = { pending: readonly RunEvent[]; refused: readonly RefusedEvent[] };

type Storage = Pick<globalThis.Storage, 'getItem' | 'setItem'>;

const EMPTY: Queued = { pending: [], refused: [] };

/**
 * Events of one run on their way to Frenum: kept in the browser's own store before anything is sent, sent one after
 * another in order, and let go only once they are taken or refused. Sent again after a break, an event changes nothing.
 */
export class EventQueue {
  private state: Queued;
  private listeners = new Set<() => void>();
  private sending = false;

  constructor(
    private readonly key: string,
    private readonly storage: Storage,
    private readonly post: (event: RunEvent) => Promise<void>,
  ) {
    const kept = storage.getItem(key);
    this.state = kept ? (JSON.parse(kept) as Queued) : EMPTY;
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
      if (e instanceof Problem && e.offline) return false;
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
    this.state = state;
    this.storage.setItem(this.key, JSON.stringify(state));
    this.listeners.forEach((l) => l());
  }
}
