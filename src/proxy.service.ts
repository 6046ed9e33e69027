import { readFileSync } from 'node:fs';
import { type NextRequest, NextResponse } from 'next/server';
import { policyOf, UNFRAMED } from './app/content-policy.mjs';
import { plainPath } from './offline/pages';

type Hashes = Readonly<Record<string, readonly string[]>>;

/** Which scripts stand in which page, as the build wrote it down; nothing while it is developed. */
function readHashes(): Hashes | null {
  try {
    return JSON.parse(readFileSync('.next/inline-scripts.json', 'utf8')) as Hashes;
  } catch {
    return null;
  }
}

const hashes = process.env.NODE_ENV === 'production' ? readHashes() : null;

/** Pages that may stand in the place of any other. */
const ANYWHERE = ['/_not-found', '/_global-error'];

/**
 * Names the scripts of a page in its content policy: no other script that got into it runs. A page that is
 * built is known by the hashes of its scripts; one that is made anew for each request gets a nonce, which the
 * framework reads off the policy of the request.
 */
export function proxy(request: NextRequest): NextResponse {
  if (!hashes) return NextResponse.next();
  const page = plainPath(request.nextUrl.pathname);
  const built = Object.hasOwn(hashes, page) ? hashes[page]! : [`'nonce-${crypto.randomUUID()}'`];
  const anywhere = ANYWHERE.flatMap((at) => hashes[at] ?? []);
  const policy = policyOf([...new Set([...built, ...anywhere])]) + UNFRAMED;
  const headers = new Headers(request.headers);
  headers.set('Content-Security-Policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  return response;
}

// What is no page has no scripts in it.
export const config = { matcher: ['/((?!_next/|api/|sw\\.js).*)'] };
