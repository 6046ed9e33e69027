import type { MachineStorage } from '@/storage';
import { Session, type SessionTools } from './session';

/** Machines that stay open at the most while their pages come and go. */
const MOST_OPEN = 6;

/**
 * The machines that are open in this tab. A session outlives the page that opened it, so that a visit to the
 * handbook does not cost the history; the one that was used longest ago is let go first, unless something of
 * it is not stored.
 */
export class SessionPool {
  private readonly open = new Map<string, Session>();

  constructor(
    private readonly storage: MachineStorage,
    private readonly tools: SessionTools,
  ) {}

  /** The open session of a machine, or a new one that is being opened. */
  get(id: string): Session {
    const known = this.open.get(id);
    if (known && known.store.getState().machine.kind !== 'failed') {
      this.open.delete(id);
      this.open.set(id, known);
      void known.lookAgain();
      return known;
    }
    known?.close();
    const session = new Session(id, this.storage, this.tools);
    this.open.delete(id);
    this.open.set(id, session);
    void session.open();
    this.letGo();
    return session;
  }

  /** All open sessions. */
  get sessions(): readonly Session[] {
    return [...this.open.values()];
  }

  private letGo(): void {
    for (const [id, session] of this.open) {
      if (this.open.size <= MOST_OPEN) return;
      if (session.unsaved) continue;
      session.close();
      this.open.delete(id);
    }
  }
}
