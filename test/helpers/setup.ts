import 'fake-indexeddb/auto';

if (typeof window !== 'undefined') {
  // jsdom has no ResizeObserver, which the charts ask for.
  window.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  // A busy machine may need more than the usual second to show what was asked for; waiting ends when it is
  // there.
  const { configure } = await import('@testing-library/react');
  configure({ asyncUtilTimeout: 10_000 });
}
