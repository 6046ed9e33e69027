import { fileTooLarge } from '@/core/formats';
import { readBody, refusal } from './body';
import { jsonShape } from './json-shape';

/** More at once would keep those that run from their end: each takes a core for a second and more. */
const AT_ONCE = 2;
/** Deeper and larger than any machine of which something is worked out here. */
const MOST_DEPTH = 40;
const MOST_VALUES = 150_000;

let running = 0;

const said = (status: number, message: string, headers: Record<string, string> = {}) =>
  Response.json({ message }, { status, headers });

/** Whether a page of another origin asks: a browser says where it comes from, a terminal says nothing. */
function isForeign({ headers }: Request): boolean {
  if (headers.get('sec-fetch-site') === 'cross-site') return true;
  const origin = headers.get('origin');
  if (origin === null) return false;
  return !URL.canParse(origin) || new URL(origin).host !== headers.get('host');
}

/** What a text is not that is asked for here; undefined: it may be parsed. */
function unfit(text: string): Response | undefined {
  const { first, depth, values } = jsonShape(text);
  if (first !== '{') return said(422, `read ${first ? `“${first}”` : 'nothing'} first; wanted a JSON object`);
  if (depth > MOST_DEPTH) return said(422, `read ${depth} levels; wanted at most ${MOST_DEPTH}`);
  if (values > MOST_VALUES) return said(422, `read ${values} values; wanted at most ${MOST_VALUES}`);
  return undefined;
}

/**
 * What every request that asks for work must be: JSON, from here or from no page at all, small enough, and
 * not more at once than can be served. Told by status: 403, 413, 415, 422, 503.
 * @param most bytes of its body. @param work answers; it is given the body as text, not yet parsed.
 */
export async function guarded(
  request: Request,
  most: number,
  work: (text: string) => Response | Promise<Response>,
): Promise<Response> {
  if (isForeign(request)) return said(403, 'Pages of other origins are not served.');
  const type = request.headers.get('content-type') ?? '';
  if (!/^application\/json\s*(?:;|$)/i.test(type))
    return said(415, `read ${type ? `“${type.slice(0, 80)}”` : 'no content type'}; wanted application/json`);
  if (running >= AT_ONCE)
    return said(503, 'As many run as can at once: ask again in a moment.', { 'Retry-After': '2' });
  running += 1;
  try {
    const text = await readBody(request, most);
    if (typeof text === 'number') return refusal([fileTooLarge(text)], 413);
    return unfit(text) ?? (await work(text));
  } finally {
    running -= 1;
  }
}
