import { vi } from 'vitest';

/** Where the page under test stands; a test may move it. Each test begins at the list of machines. */
export const address = { path: '/', query: '' };

/** What a page asked to go to. */
export const push = vi.fn<(to: string) => void>();

export function resetNavigation(): void {
  address.path = '/';
  address.query = '';
  push.mockClear();
}

const router = { push, replace: push };
export const usePathname = () => address.path;
export const useRouter = () => router;
export const useSearchParams = () => new URLSearchParams(address.query);
