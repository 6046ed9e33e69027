import 'fake-indexeddb/auto';

// jsdom has no ResizeObserver, which the charts ask for.
class NoResize {
  observe() {}
  unobserve() {}
  disconnect() {}
}
if (typeof window !== 'undefined') window.ResizeObserver ??= NoResize as unknown as typeof ResizeObserver;
