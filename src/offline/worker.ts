/// <reference lib="webworker" />
import { type PrecacheEntry, Serwist, type SerwistPlugin } from 'serwist';
import { KEPT_PART, type Layout, pageAddress, pageOf, partAddress } from './pages';

declare const self: ServiceWorkerGlobalScope & {
  /** Written in by the build: what is kept, each with what tells its version. */
  readonly __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
};

/** Written in by the build. */
declare const LAYOUT: Layout;

/** What the router fetches is told by a header; the kept copy is fetched with it. */
const asPart: SerwistPlugin = {
  requestWillFetch: ({ request }) => {
    if (!new URL(request.url).searchParams.has(KEPT_PART)) return Promise.resolve(request);
    const headers = new Headers(request.headers);
    headers.set('RSC', '1');
    const address = request.url.replace(`?${KEPT_PART}=1`, '');
    return Promise.resolve(new Request(address, { headers, credentials: 'same-origin' }));
  },
};

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST ?? [],
  precacheOptions: { cleanupOutdatedCaches: true, concurrency: 6, plugins: [asPart] },
  // A new version waits until it is asked to come: an open page needs the files of its own.
  skipWaiting: false,
  clientsClaim: true,
});

/** The kept copy that answers a request. @returns undefined where it goes to the network. */
function keptFor(request: Request): string | undefined {
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return undefined;
  // The address of a worker carries what it is told behind a question mark or a hash.
  if (request.destination === 'worker') return url.origin + url.pathname;
  const page = pageOf(url.pathname, LAYOUT);
  if (!page) return undefined;
  if (request.mode === 'navigate') return pageAddress(page, LAYOUT);
  const part = request.headers.get('RSC') === '1' || url.pathname.endsWith('.txt');
  // Fetching ahead is for where there is a network; the router does without it.
  if (!part || request.headers.has('Next-Router-Prefetch')) return undefined;
  if (request.headers.has('Next-Router-Segment-Prefetch')) return undefined;
  return partAddress(page, LAYOUT);
}

/** A copy without the address it was fetched from, which would be taken for the worker's own. */
const fresh = (kept: Response): Response =>
  new Response(kept.body, { status: kept.status, statusText: kept.statusText, headers: kept.headers });

self.addEventListener('fetch', (event) => {
  const kept = keptFor(event.request);
  if (!kept) return;
  // The library would answer as well, and a request is answered once.
  event.stopImmediatePropagation();
  event.respondWith(
    serwist.matchPrecache(kept).then((found) => (found ? fresh(found) : fetch(event.request))),
  );
});

serwist.addEventListeners();
