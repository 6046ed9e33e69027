import { Serwist } from '@serwist/window';
import { createStore } from 'zustand';
import { pageAddress } from './pages';

/** How far the application is kept for work without a network. */
export type Kept =
  /** This browser or this address does not allow it, or it is being developed. */
  | { readonly kind: 'never'; readonly why: 'browser' | 'address' | 'development' }
  | { readonly kind: 'fetching' }
  | { readonly kind: 'ready' }
  /** It did not come to its end: no room, or the network broke. */
  | { readonly kind: 'failed'; readonly cause: string };

export interface KeeperState {
  readonly kept: Kept;
  /** A newer version lies ready and waits. */
  readonly waiting: boolean;
  /** Another tab took a newer version: this page runs on with the pieces that it has. */
  readonly renewed: boolean;
}

/** How often a page that stays open looks for a newer version, ms. */
const LOOK_EVERY = 3_600_000;

/** Keeps the application for work without a network, and tells when a newer version waits. */
export class Keeper {
  readonly store = createStore<KeeperState>(() => ({
    kept: { kind: 'fetching' },
    waiting: false,
    renewed: false,
  }));
  private asked = false;
  private serwist: Serwist | undefined;

  constructor(private readonly base: string) {}

  /** Begins to keep. Never throws. */
  async begin(): Promise<void> {
    const why = this.impossible();
    if (why) return this.set({ kept: { kind: 'never', why } });
    const layout = { base: this.base, folder: false };
    const serwist = new Serwist(pageAddress('/sw.js', layout), { scope: pageAddress('/', layout) });
    this.serwist = serwist;
    serwist.addEventListener('waiting', () => this.set({ waiting: true }));
    serwist.addEventListener('activated', () => this.set({ kept: { kind: 'ready' } }));
    serwist.addEventListener('redundant', () => this.broken('the network broke, or there is no room'));
    serwist.addEventListener('controlling', ({ isUpdate }) => {
      if (this.asked) window.location.reload();
      // A worker that was removed leaves nobody in its place, and nothing newer either.
      else if (isUpdate && navigator.serviceWorker.controller) this.set({ renewed: true, waiting: false });
    });
    try {
      const registration = await serwist.register();
      if (registration?.active) this.set({ kept: { kind: 'ready' } });
      window.setInterval(() => void registration?.update().catch(() => undefined), LOOK_EVERY);
    } catch (cause) {
      // The engine's own words say nothing to a builder; the kind of its refusal may.
      const kind = cause instanceof DOMException ? `: ${cause.name}` : '';
      this.broken(`the browser refused it${kind}`);
    }
  }

  /** Takes the version that waits; the page is loaded again when it is there. */
  take(): void {
    this.asked = true;
    this.serwist?.messageSkipWaiting();
  }

  private impossible(): 'browser' | 'address' | 'development' | undefined {
    if (process.env.NODE_ENV !== 'production') return 'development';
    if (!window.isSecureContext) return 'address';
    return 'serviceWorker' in navigator ? undefined : 'browser';
  }

  /** What is kept already stays of use. */
  private broken(cause: string): void {
    if (this.store.getState().kept.kind !== 'ready') this.set({ kept: { kind: 'failed', cause } });
  }

  private set(state: Partial<KeeperState>): void {
    this.store.setState(state);
  }
}
